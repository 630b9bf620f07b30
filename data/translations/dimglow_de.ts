<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
<context>
    <name>JobGlances</name>
    <message>
        <source>to be handed back</source>
        <translation>kann zurück</translation>
    </message>
    <message>
        <source>repair: %1</source>
        <translation>Reparatur: %1</translation>
    </message>
    <message>
        <source>in its soak</source>
        <translation>im Dauerlauf</translation>
    </message>
    <message>
        <source>the fix to be planned</source>
        <translation>Reparatur ist zu planen</translation>
    </message>
    <message>
        <source>the strips to be looked at</source>
        <translation>Leisten sind anzusehen</translation>
    </message>
    <message>
        <source>no test would tell more</source>
        <translation>keine Prüfung sagte mehr</translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation>als Nächstes: %1</translation>
    </message>
    <message>
        <source>strips or lamps to be told</source>
        <translation>Leisten oder Lampen ansehen</translation>
    </message>
</context>
<context>
    <name>OwnerPage</name>
    <message>
        <source>Worked by</source>
        <translation>Bearbeitet von</translation>
    </message>
    <message>
        <source>Received</source>
        <translation>Erhalten</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Signature</source>
        <translation>Unterschrift</translation>
    </message>
    <message>
        <source>Display workshop</source>
        <translation>Displaywerkstatt</translation>
    </message>
    <message>
        <source>repair in progress</source>
        <translation>in Reparatur</translation>
    </message>
    <message>
        <source>handed back %1</source>
        <translation>zurückgegeben am %1</translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation>Seriennummer %1</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>Not certain yet. Most likely: %1 (%2 %).</source>
        <translation>Noch nicht sicher. Am wahrscheinlichsten: %1 (%2 %).</translation>
    </message>
    <message>
        <source>Found: %1.</source>
        <translation>Gefunden: %1.</translation>
    </message>
    <message>
        <source>Done: %1.</source>
        <translation>Gemacht: %1.</translation>
    </message>
    <message>
        <source>What was wrong</source>
        <translation>Was defekt war</translation>
    </message>
    <message>
        <source>What we did</source>
        <translation>Was wir getan haben</translation>
    </message>
    <message>
        <source>Current of the LEDs changed</source>
        <translation>Strom der LEDs geändert</translation>
    </message>
    <message>
        <source>%1 → %2 mA</source>
        <translation>%1 → %2 mA</translation>
    </message>
    <message>
        <source>Measured after the repair</source>
        <translation>Nach der Reparatur gemessen</translation>
    </message>
    <message>
        <source>%1 of %2 readings as they should be</source>
        <translation>%1 von %2 Messwerten, wie sie sein sollen</translation>
    </message>
    <message>
        <source>; %1 not taken</source>
        <translation>; %1 nicht gemessen</translation>
    </message>
    <message>
        <source>Not soaked</source>
        <translation>Kein Dauerlauf</translation>
    </message>
    <message>
        <source>it was not left running under watch</source>
        <translation>es lief nicht unter Aufsicht</translation>
    </message>
    <message>
        <source>Left running under watch</source>
        <translation>Dauerlauf unter Aufsicht</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
    <message>
        <source>healthy in green</source>
        <translation>gesund in Grün</translation>
    </message>
    <message>
        <source>found</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>left</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>%1 V</source>
        <translation>%1 V</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>as agreed</source>
        <translation>wie vereinbart</translation>
    </message>
    <message>
        <source>promised: %1 hours of light</source>
        <translation>zugesagt: %1 Stunden Licht</translation>
    </message>
    <message>
        <source>Soak, at your brightness</source>
        <translation>Dauerlauf, bei Ihrer Helligkeit</translation>
    </message>
    <message>
        <source>%1 mA</source>
        <translation>%1 mA</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Keep the brightness at two thirds or below: less current and less heat.</source>
        <translation>Helligkeit auf zwei Drittel oder darunter lassen: weniger Strom, weniger Wärme.</translation>
    </message>
    <message>
        <source>Leave a hand of air above and below the housing.</source>
        <translation>Eine Handbreit Luft über und unter dem Gehäuse lassen.</translation>
    </message>
    <message>
        <source>If it ever darkens again, note how many seconds it stayed lit: that alone tells much.</source>
        <translation>Falls es wieder dunkel wird: notieren, wie viele Sekunden es leuchtete; das allein sagt viel.</translation>
    </message>
    <message>
        <source>Most LEDs are as old as the set: the ones that stayed in may follow.</source>
        <translation>Die meisten LEDs sind so alt wie das Gerät: die verbliebenen können folgen.</translation>
    </message>
    <message>
        <source>To make it last</source>
        <translation>Damit es lange hält</translation>
    </message>
    <message>
        <source>What it would cost cannot be said before more is known.</source>
        <translation>Was es kosten würde, lässt sich erst sagen, wenn mehr bekannt ist.</translation>
    </message>
    <message>
        <source>How we would go on</source>
        <translation>Wie wir weitermachen würden</translation>
    </message>
    <message>
        <source>A set like this is worth about %1 when it works.</source>
        <translation>Ein solches Gerät ist etwa %1 wert, wenn es läuft.</translation>
    </message>
    <message>
        <source>parts and work</source>
        <translation>Teile und Arbeit</translation>
    </message>
    <message>
        <source>parts are here in</source>
        <translation>Teile sind da in</translation>
    </message>
    <message>
        <source>at hand</source>
        <translation>vorrätig</translation>
    </message>
    <message>
        <source>promised</source>
        <translation>zugesagt</translation>
    </message>
    <message>
        <source>%1 h of light</source>
        <translation>%1 h Licht</translation>
    </message>
    <message>
        <source>may come back in that time</source>
        <translation>kann in dieser Zeit wiederkommen</translation>
    </message>
    <message>
        <source>%1 in 100</source>
        <translation>%1 von 100</translation>
    </message>
    <message>
        <source>cannot tell</source>
        <translation>nicht zu sagen</translation>
    </message>
    <message>
        <source>yes, please</source>
        <translation>ja, bitte</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>1 day</source>
        <translation>1 Tag</translation>
    </message>
    <message>
        <source>%1 days</source>
        <translation>%1 Tagen</translation>
    </message>
    <message>
        <source>1 reading</source>
        <translation>1 Messwert</translation>
    </message>
    <message>
        <source>%1 readings</source>
        <translation>%1 Messwerte</translation>
    </message>
    <message>
        <source>The full record (%1) stays with the workshop under %2.</source>
        <translation>Das vollständige Protokoll (%1) bleibt in der Werkstatt unter %2.</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>can no longer be set: the light is full or off</source>
        <translation>nicht mehr einstellbar: das Licht ist voll oder aus</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>back off</source>
        <translation>Rückwand ab</translation>
    </message>
    <message>
        <source>opens the panel</source>
        <translation>öffnet das Panel</translation>
    </message>
    <message>
        <source>Demo workshop</source>
        <translation>Demo-Werkstatt</translation>
    </message>
    <message>
        <source>A job sheet that thinks, for people who repair display backlights.</source>
        <translation>Ein Auftragsblatt, das mitdenkt, für alle, die Hintergrundlichter von Displays reparieren.</translation>
    </message>
    <message>
        <source>Open the demo workshop in a logbook of its own.</source>
        <translation>Öffnet die Demo-Werkstatt in einem eigenen Logbuch.</translation>
    </message>
    <message>
        <source>Render the main views of the demo to PNG files and quit.</source>
        <translation>Zeichnet die wichtigsten Ansichten der Demo in PNG-Dateien und endet.</translation>
    </message>
    <message>
        <source>Use this logbook file.</source>
        <translation>Benutzt diese Logbuchdatei.</translation>
    </message>
    <message>
        <source>Speak this language: en, de.</source>
        <translation>Spricht diese Sprache: en, de.</translation>
    </message>
    <message>
        <source>Start in the daylight theme.</source>
        <translation>Beginnt im hellen Erscheinungsbild.</translation>
    </message>
    <message>
        <source>A job file to import.</source>
        <translation>Eine Auftragsdatei, die eingelesen wird.</translation>
    </message>
    <message>
        <source>Dim Glow</source>
        <translation>Dim Glow</translation>
    </message>
    <message>
        <source>The logbook does not open.</source>
        <translation>Das Logbuch lässt sich nicht öffnen.</translation>
    </message>
    <message>
        <source>Another place …</source>
        <translation>Anderer Ort …</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>A logbook, or a place for a new one</source>
        <translation>Ein Logbuch oder ein Platz für ein neues</translation>
    </message>
    <message>
        <source>Logbooks (*.sqlite)</source>
        <translation>Logbücher (*.sqlite)</translation>
    </message>
    <message>
        <source>Repair</source>
        <translation>Reparatur</translation>
    </message>
    <message>
        <source>Soak</source>
        <translation>Dauerlauf</translation>
    </message>
    <message>
        <source>Idles at</source>
        <translation>Leerlauf</translation>
    </message>
    <message>
        <source>Strings run at</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>Over-voltage at</source>
        <translation>Überspannung</translation>
    </message>
    <message>
        <source>LED− holds</source>
        <translation>LED− hält</translation>
    </message>
    <message>
        <source>LED+ before light</source>
        <translation>LED+ vor dem Licht</translation>
    </message>
    <message>
        <source>label, or LED+ lit</source>
        <translation>Aufdruck, LED+ im Licht</translation>
    </message>
    <message>
        <source>LED+, plug out</source>
        <translation>LED+, Stecker ab</translation>
    </message>
    <message>
        <source>LED− while lit</source>
        <translation>LED− im Licht</translation>
    </message>
    <message>
        <source>not taken</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
    <message>
        <source>bad</source>
        <translation>schlecht</translation>
    </message>
    <message>
        <source>cannot be reached</source>
        <translation>nicht erreichbar</translation>
    </message>
    <message>
        <source>Tools</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>Tools %1/%2</source>
        <translation>Werkzeug %1/%2</translation>
    </message>
    <message>
        <source>halves what is left</source>
        <translation>halbiert, was übrig ist</translation>
    </message>
    <message>
        <source>tells much</source>
        <translation>sagt viel</translation>
    </message>
    <message>
        <source>tells something</source>
        <translation>sagt etwas</translation>
    </message>
    <message>
        <source>tells little</source>
        <translation>sagt wenig</translation>
    </message>
    <message>
        <source>Of those pictures, as 1920x1080.</source>
        <translation>Größe dieser Bilder, etwa 1920x1080.</translation>
    </message>
    <message>
        <source>Note what went wrong in full; it may quote a job. Notes are kept in %1.</source>
        <translation>Schreibt in voller Länge mit, was schiefging; dabei können Worte eines Auftrags vorkommen. Es steht in %1.</translation>
    </message>
    <message>
        <source>

What the program noted: %1</source>
        <translation>

Was das Programm dazu mitgeschrieben hat: %1</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Zusammenbau</translation>
    </message>
    <message>
        <source>Take in a new job.</source>
        <translation>Einen neuen Auftrag aufnehmen.</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Set</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>Serial</source>
        <translation>Seriennummer</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Panel</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Complaint</source>
        <translation>Beanstandung</translation>
    </message>
    <message>
        <source>Hours run</source>
        <translation>Betriebsstunden</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>Healthy set</source>
        <translation>Gesundes Gerät</translation>
    </message>
    <message>
        <source> (replaced)</source>
        <translation> (ersetzt)</translation>
    </message>
    <message>
        <source>Go.</source>
        <translation>Ja.</translation>
    </message>
    <message>
        <source>Go, with a note.</source>
        <translation>Ja, mit Vermerk.</translation>
    </message>
    <message>
        <source>No-go: the job ends here.</source>
        <translation>Nein: der Auftrag endet hier.</translation>
    </message>
    <message>
        <source>computed %L1 V</source>
        <translation>berechnet %L1 V</translation>
    </message>
    <message>
        <source>First glow</source>
        <translation>Erstes Glimmen</translation>
    </message>
    <message>
        <source>Light at %L1 mA</source>
        <translation>Licht bei %L1 mA</translation>
    </message>
    <message>
        <source>Into the T-con</source>
        <translation>In den T-con</translation>
    </message>
    <message>
        <source>Panel check</source>
        <translation>Panelprüfung</translation>
    </message>
    <message>
        <source>Not certain. Likeliest:</source>
        <translation>Nicht sicher. Am wahrscheinlichsten:</translation>
    </message>
    <message>
        <source>Chance of a comeback:</source>
        <translation>Wahrscheinlichkeit eines Rückläufers:</translation>
    </message>
    <message>
        <source>String current as found:</source>
        <translation>Strangstrom, wie vorgefunden:</translation>
    </message>
    <message>
        <source>as left:</source>
        <translation>wie hinterlassen:</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message>
        <source>Reading after</source>
        <translation>Messung danach</translation>
    </message>
    <message>
        <source>Expected</source>
        <translation>Erwartet</translation>
    </message>
    <message>
        <source>not taken</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>as expected</source>
        <translation>wie erwartet</translation>
    </message>
    <message>
        <source>NOT as expected</source>
        <translation>NICHT wie erwartet</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>string current, mA</source>
        <translation>Strangstrom, mA</translation>
    </message>
    <message>
        <source>repair in progress</source>
        <translation>in Reparatur</translation>
    </message>
    <message>
        <source>handed back %1</source>
        <translation>zurückgegeben %1</translation>
    </message>
    <message>
        <source>What was seen and measured</source>
        <translation>Was gesehen und gemessen wurde</translation>
    </message>
    <message>
        <source>Cause</source>
        <translation>Ursache</translation>
    </message>
    <message>
        <source>Work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Soak:</source>
        <translation>Dauerlauf:</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>cannot tell: nobody has described the strips</source>
        <translation>unklar: die Leisten hat niemand beschrieben</translation>
    </message>
    <message>
        <source>Keep the brightness at or below two thirds: less current and less heat make the LEDs last longer.</source>
        <translation>Helligkeit bei zwei Dritteln oder darunter halten: Weniger Strom und weniger Wärme lassen die LEDs länger leben.</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 drin</translation>
    </message>
    <message>
        <source>not counted in</source>
        <translation>nicht eingezählt</translation>
    </message>
    <message>
        <source>%1 broke</source>
        <translation>%1 gebrochen</translation>
    </message>
    <message>
        <source>came without %1</source>
        <translation>fehlte schon: %1</translation>
    </message>
    <message>
        <source>%1 signed off: %2</source>
        <translation>%1 bewusst draußen: %2</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>still off</source>
        <translation>noch ab</translation>
    </message>
    <message>
        <source>back on</source>
        <translation>wieder drauf</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>%1 min by the clock, %2 min of work planned.</source>
        <translation>%1 min nach der Uhr, %2 min Arbeit geplant.</translation>
    </message>
    <message>
        <source>1 picture is kept with the job.</source>
        <translation>1 Bild liegt beim Auftrag.</translation>
    </message>
    <message>
        <source>%1 pictures are kept with the job.</source>
        <translation>%1 Bilder liegen beim Auftrag.</translation>
    </message>
    <message>
        <source>Parts for it:</source>
        <translation>Teile dafür:</translation>
    </message>
    <message>
        <source>Resistors as found:</source>
        <translation>Widerstände vorgefunden:</translation>
    </message>
    <message>
        <source>; as left: %1</source>
        <translation>; hinterlassen: %1</translation>
    </message>
    <message>
        <source>; measured at: %1</source>
        <translation>; gemessen bei: %1</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source>strip {}</source>
        <translation>Leiste {}</translation>
    </message>
    <message>
        <source>channel {}</source>
        <translation>Kanal {}</translation>
    </message>
    <message>
        <source>channel {}, string {}</source>
        <translation>Kanal {}, Strang {}</translation>
    </message>
    <message>
        <source>Pin {} is black and is LED+: go by the board, not by the colour.</source>
        <translation>Kontakt {} ist schwarz und ist LED+: nach der Platine gehen, nicht nach der Farbe.</translation>
    </message>
    <message>
        <source>Pin {} is red and is LED−: go by the board, not by the colour.</source>
        <translation>Kontakt {} ist rot und ist LED−: nach der Platine gehen, nicht nach der Farbe.</translation>
    </message>
    <message>
        <source>{} bridged, set on</source>
        <translation>{} überbrückt, Gerät an</translation>
    </message>
    <message>
        <source>the rest lights at {:.0f} mA</source>
        <translation>der Rest ist hell bei {:.0f} mA</translation>
    </message>
    <message>
        <source>the rest stays dark</source>
        <translation>der Rest bleibt dunkel</translation>
    </message>
    <message>
        <source>{} on its own</source>
        <translation>{} für sich allein</translation>
    </message>
    <message>
        <source>{:.2f} V</source>
        <translation>{:.2f} V</translation>
    </message>
    <message>
        <source>OL</source>
        <translation>OL</translation>
    </message>
    <message>
        <source>lit</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>dim</source>
        <translation>schwach</translation>
    </message>
    <message>
        <source>tinted</source>
        <translation>verfärbt</translation>
    </message>
    <message>
        <source>LED seen</source>
        <translation>LED gesehen</translation>
    </message>
    <message>
        <source>no light</source>
        <translation>kein Licht</translation>
    </message>
    <message>
        <source>stays lit</source>
        <translation>leuchtet weiter</translation>
    </message>
    <message>
        <source>dark after {:.1f} s</source>
        <translation>dunkel nach {:.1f} s</translation>
    </message>
    <message>
        <source>{} of channel {}</source>
        <translation>{}, Kanal {}</translation>
    </message>
    <message>
        <source>{:.1f} V, then {:.1f} V</source>
        <translation>{:.1f} V, dann {:.1f} V</translation>
    </message>
    <message>
        <source>{:.1f} … {:.1f} V</source>
        <translation>{:.1f} … {:.1f} V</translation>
    </message>
    <message>
        <source>{:.1f} V</source>
        <translation>{:.1f} V</translation>
    </message>
    <message>
        <source>Tester {:.0f} mA, {} to chassis</source>
        <translation>Tester {:.0f} mA, {} gegen Chassis</translation>
    </message>
    <message>
        <source>Tester {:.0f} mA, {}</source>
        <translation>Tester {:.0f} mA, {}</translation>
    </message>
    <message>
        <source>Tester {:.0f} mA, {}, {} bridged</source>
        <translation>Tester {:.0f} mA, {}, {} überbrückt</translation>
    </message>
    <message>
        <source>none lit</source>
        <translation>keine hell</translation>
    </message>
    <message>
        <source>{} lit</source>
        <translation>{} hell</translation>
    </message>
    <message>
        <source>{}: harness of strip {}</source>
        <translation>{}: Kabel der Leiste {}</translation>
    </message>
    <message>
        <source>{} between {} and {}</source>
        <translation>{} zwischen {} und {}</translation>
    </message>
    <message>
        <source>{} near strip {}</source>
        <translation>{} nahe Leiste {}</translation>
    </message>
    <message>
        <source>{} open</source>
        <translation>{} offen</translation>
    </message>
    <message>
        <source>{} shorted</source>
        <translation>{} kurzgeschlossen</translation>
    </message>
    <message>
        <source>{} dark but conducting</source>
        <translation>{} dunkel, aber leitend</translation>
    </message>
    <message>
        <source>{} with a die shorted</source>
        <translation>{} mit kurzgeschlossenem Chip</translation>
    </message>
    <message>
        <source>{} leaky</source>
        <translation>{} mit Leckstrom</translation>
    </message>
    <message>
        <source>joint of about {:.0f} Ω</source>
        <translation>Übergang von etwa {:.0f} Ω</translation>
    </message>
    <message>
        <source>LEDs of another type</source>
        <translation>LEDs eines anderen Typs</translation>
    </message>
    <message>
        <source>lead not in contact, or plus and minus swapped</source>
        <translation>Leitung ohne Kontakt, oder Plus und Minus vertauscht</translation>
    </message>
    <message>
        <source>healthy</source>
        <translation>gesund</translation>
    </message>
    <message>
        <source>healthy, but the tester cannot reach it</source>
        <translation>gesund, aber der Tester erreicht es nicht</translation>
    </message>
    <message>
        <source>The tester stops at {:.0f} V; this run needs {:.1f} V. Take {} LEDs at a time.</source>
        <translation>Der Tester endet bei {:.0f} V; dieser Abschnitt braucht {:.1f} V. Je {} LEDs auf einmal prüfen.</translation>
    </message>
    <message>
        <source>The tester stops at {:.1f} V; one LED alone needs more.</source>
        <translation>Der Tester endet bei {:.1f} V; schon eine LED braucht mehr.</translation>
    </message>
    <message>
        <source>{:.0f} mA is more than the {:.0f} mA this string works at: turn the tester down.</source>
        <translation>{:.0f} mA sind mehr als die {:.0f} mA, mit denen dieser Strang arbeitet: den Tester herunterdrehen.</translation>
    </message>
    <message>
        <source>{}, or {}</source>
        <translation>{}, oder {}</translation>
    </message>
    <message>
        <source>Lamps strike at about {:.0f} V: no bench supply. Only a lamp generator that limits its current and is interlocked.</source>
        <translation>Lampen zünden bei etwa {:.0f} V: kein Labornetzteil. Nur ein Lampengenerator, der seinen Strom begrenzt und verriegelt ist.</translation>
    </message>
    <message>
        <source>High voltage burns and arcs: interlock closed, both hands away, never alone.</source>
        <translation>Hochspannung verbrennt und überschlägt: Verriegelung zu, beide Hände weg, nie allein.</translation>
    </message>
    <message>
        <source>Each lamp through its own ballast; lamps straight in parallel do not share.</source>
        <translation>Jede Lampe über ihr eigenes Vorschaltteil; direkt parallel teilen sich Lampen den Strom nicht.</translation>
    </message>
    <message>
        <source>No ordinary meter on a lamp output: it breaks down.</source>
        <translation>Kein gewöhnliches Messgerät an einen Lampenausgang: es schlägt durch.</translation>
    </message>
    <message>
        <source>Lamps hold mercury: do not break them; they are hazardous waste.</source>
        <translation>Lampen enthalten Quecksilber: nicht zerbrechen; sie sind Sondermüll.</translation>
    </message>
    <message>
        <source>{:.0f} V at {:.0f} mA are out of reach of the supplies at hand.</source>
        <translation>{:.0f} V bei {:.0f} mA erreichen die vorhandenen Netzteile nicht.</translation>
    </message>
    <message>
        <source>{} would stand {:.0f} V above the bottom of the stack; it is isolated for {:.0f} V.</source>
        <translation>{} stünde {:.0f} V über dem Fuß der Reihe; isoliert ist es für {:.0f} V.</translation>
    </message>
    <message>
        <source>Limit at {:.0f} mA first. Clips on LED+ and LED−.</source>
        <translation>Zuerst auf {:.0f} mA begrenzen. Klemmen an LED+ und LED−.</translation>
    </message>
    <message>
        <source>A faint glow proves polarity. Dark: 0 V, swap, once.</source>
        <translation>Ein schwaches Glimmen beweist die Polung. Dunkel: 0 V, tauschen, einmal.</translation>
    </message>
    <message>
        <source>Limit at {:.0f} mA. Straight up to 60 %.</source>
        <translation>Auf {:.0f} mA begrenzen. Zügig bis 60 %.</translation>
    </message>
    <message>
        <source>At the limit: even light over the whole panel?</source>
        <translation>An der Grenze: gleichmäßiges Licht auf dem ganzen Panel?</translation>
    </message>
    <message>
        <source>Slowly, watching the amps.</source>
        <translation>Langsam, den Strom im Auge.</translation>
    </message>
    <message>
        <source>{:.0f} V DC{}: one hand, rated leads, nobody touches the panel while it is lit. For trained people; follow local codes.</source>
        <translation>{:.0f} V DC{}: eine Hand, geeignete Leitungen, niemand berührt das Panel, solange es leuchtet. Für ausgebildete Leute; örtliche Vorschriften beachten.</translation>
    </message>
    <message>
        <source>No light: prove clips and leads on an LED that works before you blame the panel.</source>
        <translation>Kein Licht: erst Klemmen und Leitungen an einer guten LED prüfen, bevor das Panel verdächtigt wird.</translation>
    </message>
    <message>
        <source>The glass is cracked: no repair of the light makes a picture of it.</source>
        <translation>Das Glas ist gesprungen: keine Reparatur des Lichts macht daraus ein Bild.</translation>
    </message>
    <message>
        <source>Lines and dead columns are bonds of the glass. Reseat the flat cables once; if they stay, it ends here.</source>
        <translation>Linien und tote Spalten sind Bondstellen des Glases. Die Flachkabel einmal neu stecken; bleiben sie, endet es hier.</translation>
    </message>
    <message>
        <source>No picture and only {:.2f} A into the T-con: it does not start. Its fuse and supply first.</source>
        <translation>Kein Bild und nur {:.2f} A in den T-con: er läuft nicht an. Zuerst seine Sicherung und Versorgung.</translation>
    </message>
    <message>
        <source>No picture: T-con or glass. Try another T-con before the light is repaired.</source>
        <translation>Kein Bild: T-con oder Glas. Einen anderen T-con versuchen, bevor das Licht repariert wird.</translation>
    </message>
    <message>
        <source>{:.2f} A into the T-con is more than {:.1f} A: something on it draws too much.</source>
        <translation>{:.2f} A in den T-con sind mehr als {:.1f} A: etwas darauf zieht zu viel.</translation>
    </message>
    <message>
        <source>No light with proven leads: a string is open. The glass is still to be seen: light another channel or one strip.</source>
        <translation>Kein Licht mit geprüften Leitungen: ein Strang ist offen. Das Glas ist noch zu sehen: einen anderen Kanal oder eine Leiste beleuchten.</translation>
    </message>
    <message>
        <source>A dark area: LEDs or strips to be found at Strings; the glass itself is sound.</source>
        <translation>Ein dunkler Bereich: LEDs oder Leisten, zu finden unter Stränge; das Glas selbst ist gut.</translation>
    </message>
    <message>
        <source>A tint: aged LEDs or lenses; agree with the owner whether all strips are renewed.</source>
        <translation>Ein Farbstich: gealterte LEDs oder Linsen; mit dem Besitzer klären, ob alle Leisten erneuert werden.</translation>
    </message>
    <message>
        <source>shorted LEDs, or fewer of them than written down</source>
        <translation>kurzgeschlossene LEDs, oder weniger als notiert</translation>
    </message>
    <message>
        <source>a resistive joint, dark LEDs, or more of them than written down</source>
        <translation>ein schlechter Übergang, dunkle LEDs, oder mehr als notiert</translation>
    </message>
    <message>
        <source>First glow</source>
        <translation>Erstes Glimmen</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Lit as computed and nothing found: the panel is worth the repair.</source>
        <translation>Leuchtet wie berechnet und nichts gefunden: das Panel ist die Reparatur wert.</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>shorted</source>
        <translation>kurzgeschlossen</translation>
    </message>
    <message>
        <source>dark but conducting</source>
        <translation>dunkel, aber leitend</translation>
    </message>
    <message>
        <source>leaky</source>
        <translation>Leckstrom</translation>
    </message>
    <message>
        <source>a die shorted</source>
        <translation>ein Chip kurzgeschlossen</translation>
    </message>
    <message>
        <source>in circuit</source>
        <translation>in der Schaltung</translation>
    </message>
    <message>
        <source>cannot tell</source>
        <translation>nicht zu sagen</translation>
    </message>
    <message>
        <source>It glows at {:.2f} V where a good one needs {:.2f} V: current flows beside its junction.</source>
        <translation>Sie glimmt bei {:.2f} V, wo eine gute {:.2f} V braucht: an ihrem Übergang fließt Strom vorbei.</translation>
    </message>
    <message>
        <source>It glows; a good one shows {:.2f} V here.</source>
        <translation>Sie glimmt; eine gute zeigt hier {:.2f} V.</translation>
    </message>
    <message>
        <source>The same {:.2f} V both ways is the circuit around it: lift one leg and measure again.</source>
        <translation>Dieselben {:.2f} V in beide Richtungen sind die Schaltung ringsum: ein Bein anheben und neu messen.</translation>
    </message>
    <message>
        <source>Near 0 V one way and OL the other is no LED: check the leads.</source>
        <translation>Fast 0 V in die eine und OL in die andere Richtung ist keine LED: die Leitungen prüfen.</translation>
    </message>
    <message>
        <source>{:.2f} V at {:.0f} mA: current, no voltage.</source>
        <translation>{:.2f} V bei {:.0f} mA: Strom, keine Spannung.</translation>
    </message>
    <message>
        <source>{:.1f} V does not reach this LED&apos;s knee: a good one shows OL as well.</source>
        <translation>{:.1f} V erreichen das Knie dieser LED nicht: auch eine gute zeigt OL.</translation>
    </message>
    <message>
        <source>No current; a good one would carry {:.1f} mA.</source>
        <translation>Kein Strom; durch eine gute flössen {:.1f} mA.</translation>
    </message>
    <message>
        <source>Current without a voltage reading: note both.</source>
        <translation>Strom ohne Spannung: beides notieren.</translation>
    </message>
    <message>
        <source>{:.2f} V where a good one shows {:.2f} V: one of {} dies is shorted.</source>
        <translation>{:.2f} V, wo eine gute {:.2f} V zeigt: einer von {} Chips ist kurzgeschlossen.</translation>
    </message>
    <message>
        <source>It carries current at {:.2f} V and gives no light.</source>
        <translation>Sie führt Strom bei {:.2f} V und gibt kein Licht.</translation>
    </message>
    <message>
        <source>{:.2f} V; a good one shows {:.2f} V.</source>
        <translation>{:.2f} V; eine gute zeigt {:.2f} V.</translation>
    </message>
    <message>
        <source>{:.2f} V; a good one shows {:.2f} V. Does it glow?</source>
        <translation>{:.2f} V; eine gute zeigt {:.2f} V. Glimmt sie?</translation>
    </message>
    <message>
        <source>{}, place not known yet</source>
        <translation>{}, Ort noch unbekannt</translation>
    </message>
    <message>
        <source>{} in strip {}</source>
        <translation>{} in Leiste {}</translation>
    </message>
    <message>
        <source>{} in strips {} and {}</source>
        <translation>{} in den Leisten {} und {}</translation>
    </message>
    <message>
        <source>{:.0f} V, then falls</source>
        <translation>{:.0f} V, fällt dann</translation>
    </message>
    <message>
        <source>wanders up to {:.0f} V</source>
        <translation>schwankt bis {:.0f} V</translation>
    </message>
    <message>
        <source>flash, then dark</source>
        <translation>Blitz, dann dunkel</translation>
    </message>
    <message>
        <source>Bridge {}, tester on {}</source>
        <translation>{} überbrücken, Tester an {}</translation>
    </message>
    <message>
        <source>Tester at the plug, {}</source>
        <translation>Tester am Stecker, {}</translation>
    </message>
    <message>
        <source>Tester on {}</source>
        <translation>Tester an {}</translation>
    </message>
    <message>
        <source>Tester {:.0f} mA, limit {:.0f} V; plus on {}, minus after {}.</source>
        <translation>Tester {:.0f} mA, Grenze {:.0f} V; Plus an {}, Minus nach {}.</translation>
    </message>
    <message>
        <source>Tester to the chassis, {}</source>
        <translation>Tester gegen Chassis, {}</translation>
    </message>
    <message>
        <source>Look along {}</source>
        <translation>Entlangsehen an {}</translation>
    </message>
    <message>
        <source>all lit</source>
        <translation>alle hell</translation>
    </message>
    <message>
        <source>it is {}{}</source>
        <translation>es ist {}{}</translation>
    </message>
    <message>
        <source>it is in {0}{1} … {0}{2}</source>
        <translation>es ist in {0}{1} … {0}{2}</translation>
    </message>
    <message>
        <source>Not started.</source>
        <translation>Nicht begonnen.</translation>
    </message>
    <message>
        <source>Failed: it flickered.</source>
        <translation>Nicht bestanden: es hat geflackert.</translation>
    </message>
    <message>
        <source>Failed: the current drifted {:.1f} % after {:.0f} min.</source>
        <translation>Nicht bestanden: der Strom lief um {:.1f} % weg, nach {:.0f} min.</translation>
    </message>
    <message>
        <source>Nothing written down for more than {:.0f} min after minute {:.0f}.</source>
        <translation>Länger als {:.0f} min nichts notiert nach Minute {:.0f}.</translation>
    </message>
    <message>
        <source>{:.0f} of {:.0f} min.</source>
        <translation>{:.0f} von {:.0f} min.</translation>
    </message>
    <message>
        <source>Passed: {:.0f} min, no flicker, {:.1f} % drift.</source>
        <translation>Bestanden: {:.0f} min, kein Flackern, {:.1f} % Drift.</translation>
    </message>
    <message>
        <source>LEDs of strip {}</source>
        <translation>LEDs der Leiste {}</translation>
    </message>
    <message>
        <source>{:.0f} % from the board itself</source>
        <translation>{:.0f} % von der Platine selbst</translation>
    </message>
    <message>
        <source>cannot tell: no figure for this repair</source>
        <translation>nicht zu sagen: keine Zahl für diese Reparatur</translation>
    </message>
    <message>
        <source>cannot tell: the hours run are not known</source>
        <translation>nicht zu sagen: die Betriebsstunden sind unbekannt</translation>
    </message>
    <message>
        <source>nothing is promised</source>
        <translation>nichts wird versprochen</translation>
    </message>
    <message>
        <source>{}: {:.0f} {} expected</source>
        <translation>{}: {:.0f} {} erwartet</translation>
    </message>
    <message>
        <source>{:.0f} % chance of a comeback</source>
        <translation>{:.0f} % Wahrscheinlichkeit eines Rückläufers</translation>
    </message>
    <message>
        <source>against a set worth {:.0f}</source>
        <translation>bei einem Gerätewert von {:.0f}</translation>
    </message>
    <message>
        <source>{}; {} would be {:.0f} more.</source>
        <translation>{}; {} wäre {:.0f} teurer.</translation>
    </message>
    <message>
        <source>Nothing is sure enough to be mended yet: take the next probe first.</source>
        <translation>Noch ist nichts sicher genug zum Reparieren: erst die nächste Messung.</translation>
    </message>
    <message>
        <source>Ask the owner first: the cheapest repair ({}) is expected to cost {:.0f} {}, over half of the set&apos;s {:.0f}.</source>
        <translation>Erst den Besitzer fragen: die günstigste Reparatur ({}) kostet voraussichtlich {:.0f} {}, mehr als die Hälfte vom Wert {:.0f}.</translation>
    </message>
    <message>
        <source>, beyond ES1</source>
        <translation>, über ES1</translation>
    </message>
    <message>
        <source>, beyond ES2</source>
        <translation>, über ES2</translation>
    </message>
    <message>
        <source>Mains out. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.</source>
        <translation>Netz ab. Der Tester erreicht {:.0f} V{}. Helles, blaureiches Licht: durch den Diffusor sehen.</translation>
    </message>
    <message>
        <source>Bridge the LED</source>
        <translation>LED brücken</translation>
    </message>
    <message>
        <source>A stop-gap: its volts are gone, the driver must allow that, and a dark spot may show.</source>
        <translation>Ein Notbehelf: ihre Volt fehlen, der Treiber muss das zulassen, und ein dunkler Fleck kann sichtbar sein.</translation>
    </message>
    <message>
        <source>Replace the LED</source>
        <translation>LED ersetzen</translation>
    </message>
    <message>
        <source>Replace the strip</source>
        <translation>Leiste ersetzen</translation>
    </message>
    <message>
        <source>New LEDs where it failed; its tint may differ from its neighbours.</source>
        <translation>Neue LEDs, wo es ausfiel; die Farbe kann von den Nachbarn abweichen.</translation>
    </message>
    <message>
        <source>Replace all strips</source>
        <translation>Alle Leisten ersetzen</translation>
    </message>
    <message>
        <source>Once it is open, everything is new and of one batch.</source>
        <translation>Ist es einmal offen, wird alles neu und aus einer Charge.</translation>
    </message>
    <message>
        <source>Remake the plug or joint</source>
        <translation>Stecker oder Lötstelle erneuern</translation>
    </message>
    <message>
        <source>Clean, re-crimp or re-solder, then pull on it.</source>
        <translation>Reinigen, neu crimpen oder löten, dann daran ziehen.</translation>
    </message>
    <message>
        <source>Replace the part on the board</source>
        <translation>Teil auf der Platine ersetzen</translation>
    </message>
    <message>
        <source>Replace the power board</source>
        <translation>Netzteilplatine ersetzen</translation>
    </message>
    <message>
        <source>Quick, dear, and only as good as the diagnosis.</source>
        <translation>Schnell, teuer und nur so gut wie die Diagnose.</translation>
    </message>
    <message>
        <source>Replace the main board</source>
        <translation>Hauptplatine ersetzen</translation>
    </message>
    <message>
        <source>Check the brightness setting and the signal&apos;s path first.</source>
        <translation>Zuerst die Helligkeitseinstellung und den Weg des Signals prüfen.</translation>
    </message>
    <message>
        <source>Replace the T-con</source>
        <translation>T-con ersetzen</translation>
    </message>
    <message>
        <source>Reseat its flat cables first; the panel itself may be the fault.</source>
        <translation>Zuerst seine Flachkabel neu stecken; das Panel selbst kann der Fehler sein.</translation>
    </message>
    <message>
        <source>Do not repair</source>
        <translation>Nicht reparieren</translation>
    </message>
    <message>
        <source>The set&apos;s value is lost.</source>
        <translation>Der Wert des Geräts ist verloren.</translation>
    </message>
    <message>
        <source>Open LED</source>
        <translation>Offene LED</translation>
    </message>
    <message>
        <source>Shorted LED</source>
        <translation>Kurzgeschlossene LED</translation>
    </message>
    <message>
        <source>Dark LED that conducts</source>
        <translation>Dunkle LED, die leitet</translation>
    </message>
    <message>
        <source>Leaky LED</source>
        <translation>LED mit Leckstrom</translation>
    </message>
    <message>
        <source>Die shorted in an LED</source>
        <translation>Kurzgeschlossener Chip in einer LED</translation>
    </message>
    <message>
        <source>LEDs side by side open</source>
        <translation>LEDs nebeneinander offen</translation>
    </message>
    <message>
        <source>Aged LED</source>
        <translation>Gealterte LED</translation>
    </message>
    <message>
        <source>String touches the chassis</source>
        <translation>Strang berührt das Chassis</translation>
    </message>
    <message>
        <source>Open plug</source>
        <translation>Offener Stecker</translation>
    </message>
    <message>
        <source>Bad joint</source>
        <translation>Schlechte Lötstelle</translation>
    </message>
    <message>
        <source>Strip of another type</source>
        <translation>Leiste eines anderen Typs</translation>
    </message>
    <message>
        <source>Driver not switching</source>
        <translation>Treiber schaltet nicht</translation>
    </message>
    <message>
        <source>LED+ feed or its fuse</source>
        <translation>LED+-Speisung oder ihre Sicherung</translation>
    </message>
    <message>
        <source>Tired electrolytics, weak supply</source>
        <translation>Müde Elkos, schwache Versorgung</translation>
    </message>
    <message>
        <source>Driver&apos;s over-voltage divider</source>
        <translation>Überspannungsteiler des Treibers</translation>
    </message>
    <message>
        <source>BL_ON missing: main board</source>
        <translation>BL_ON fehlt: Hauptplatine</translation>
    </message>
    <message>
        <source>DIM at zero: main board or setting</source>
        <translation>DIM auf null: Hauptplatine oder Einstellung</translation>
    </message>
    <message>
        <source>Mains or standby supply</source>
        <translation>Netz- oder Standby-Versorgung</translation>
    </message>
    <message>
        <source>Main board does not start</source>
        <translation>Hauptplatine läuft nicht an</translation>
    </message>
    <message>
        <source>T-con, panel or its supply</source>
        <translation>T-con, Panel oder deren Versorgung</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Listen: does it play or beep as usual?</source>
        <translation>Hören: spielt oder piept es wie gewohnt?</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>no sound</source>
        <translation>kein Ton</translation>
    </message>
    <message>
        <source>Standby light</source>
        <translation>Standby-Anzeige</translation>
    </message>
    <message>
        <source>Look at the standby light.</source>
        <translation>Auf die Standby-Anzeige sehen.</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>blinks</source>
        <translation>blinkt</translation>
    </message>
    <message>
        <source>Torch on the glass</source>
        <translation>Lampe ans Glas</translation>
    </message>
    <message>
        <source>Torch flat against the glass: a picture?</source>
        <translation>Taschenlampe flach ans Glas: ein Bild?</translation>
    </message>
    <message>
        <source>picture seen</source>
        <translation>Bild zu sehen</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>Light at switch-on</source>
        <translation>Licht beim Einschalten</translation>
    </message>
    <message>
        <source>Switch on. Hold Space from the first light until it goes dark.</source>
        <translation>Einschalten. Leertaste halten vom ersten Licht, bis es dunkel wird.</translation>
    </message>
    <message>
        <source>BL_ON</source>
        <translation>BL_ON</translation>
    </message>
    <message>
        <source>DIM</source>
        <translation>DIM</translation>
    </message>
    <message>
        <source>LED+ idle</source>
        <translation>LED+ in Ruhe</translation>
    </message>
    <message>
        <source>LED+ at switch-on</source>
        <translation>LED+ beim Einschalten</translation>
    </message>
    <message>
        <source>LED+ with the plug out</source>
        <translation>LED+ ohne Stecker</translation>
    </message>
    <message>
        <source>LED−</source>
        <translation>LED−</translation>
    </message>
    <message>
        <source>Tester</source>
        <translation>Tester</translation>
    </message>
    <message>
        <source>Look along the LEDs</source>
        <translation>An den LEDs entlangsehen</translation>
    </message>
    <message>
        <source>Tester on the run: mark what is dark or dim.</source>
        <translation>Tester am Abschnitt: markieren, was dunkel oder schwach ist.</translation>
    </message>
    <message>
        <source>Tester to the chassis</source>
        <translation>Tester gegen das Chassis</translation>
    </message>
    <message>
        <source>One LED on its own</source>
        <translation>Eine LED für sich allein</translation>
    </message>
    <message>
        <source>One LED at the bench supply, through a resistor or in diode mode.</source>
        <translation>Eine LED am Labornetzteil, über einen Widerstand oder im Diodentest.</translation>
    </message>
    <message>
        <source>Bridge an open LED</source>
        <translation>Eine offene LED überbrücken</translation>
    </message>
    <message>
        <source>Ammeter across the open LED, set switched on: the rest lights, the meter shows the string&apos;s current.</source>
        <translation>Amperemeter über die offene LED, Gerät ein: der Rest leuchtet, das Messgerät zeigt den Strangstrom.</translation>
    </message>
    <message>
        <source>strip number {} does not exist</source>
        <translation>Leiste Nummer {} gibt es nicht</translation>
    </message>
    <message>
        <source>LEDs {} to {} by {} are not on strip {}, which has {}</source>
        <translation>LEDs {} bis {} in Schritten von {} gibt es nicht auf Leiste {}, sie hat {}</translation>
    </message>
    <message>
        <source>strip {} has LEDs side by side and can only be passed as a whole</source>
        <translation>Leiste {} hat LEDs nebeneinander und kann nur als Ganzes durchlaufen werden</translation>
    </message>
    <message>
        <source>{} LEDs in {} chains, {} side by side, do not come out even</source>
        <translation>{} LEDs in {} Ketten, {} nebeneinander, gehen nicht auf</translation>
    </message>
    <message>
        <source>{} V at {} A over {} dies is no LED</source>
        <translation>{} V bei {} A über {} Chips ist keine LED</translation>
    </message>
    <message>
        <source>pin {} returns channel {}; there are {}</source>
        <translation>Kontakt {} führt Kanal {} zurück; es gibt {}</translation>
    </message>
    <message>
        <source>a channel feeds at least one string</source>
        <translation>ein Kanal speist wenigstens einen Strang</translation>
    </message>
    <message>
        <source>a string runs through a strip</source>
        <translation>ein Strang läuft durch eine Leiste</translation>
    </message>
    <message>
        <source>the LEDs need {:.0f} V in series; at most {:.0f} V can be computed</source>
        <translation>die LEDs brauchen {:.0f} V in Reihe; höchstens {:.0f} V lassen sich berechnen</translation>
    </message>
    <message>
        <source>a backlight has at least one strip</source>
        <translation>ein Hintergrundlicht hat wenigstens eine Leiste</translation>
    </message>
    <message>
        <source>{} LEDs; at most {} can be computed</source>
        <translation>{} LEDs; höchstens {} lassen sich berechnen</translation>
    </message>
    <message>
        <source>a backlight has at least one channel</source>
        <translation>ein Hintergrundlicht hat wenigstens einen Kanal</translation>
    </message>
    <message>
        <source>LED {} of strip {} is in {} strings; it must be in one</source>
        <translation>LED {} der Leiste {} ist in {} Strängen; sie muss in einem sein</translation>
    </message>
    <message>
        <source>a plug has at most {} pins</source>
        <translation>ein Stecker hat höchstens {} Kontakte</translation>
    </message>
    <message>
        <source>has a channel; all channels share LED+</source>
        <translation>hat einen Kanal; alle Kanäle teilen sich LED+</translation>
    </message>
    <message>
        <source>The readings do not tell {}; it is taken from the class. Measure near {:.1f} mA, {:.0f} mA and {:.0f} mA.</source>
        <translation>Die Messungen verraten {} nicht; das kommt aus der Klasse. Nahe {:.1f} mA, {:.0f} mA und {:.0f} mA messen.</translation>
    </message>
    <message>
        <source>how steep the curve is</source>
        <translation>die Steilheit der Kennlinie</translation>
    </message>
    <message>
        <source>the series resistance</source>
        <translation>den Reihenwiderstand</translation>
    </message>
    <message>
        <source>the slope at low current</source>
        <translation>die Steigung bei kleinem Strom</translation>
    </message>
    <message>
        <source>is not understood</source>
        <translation>ist nicht zu verstehen</translation>
    </message>
    <message>
        <source>contradicts &quot;{}&quot;</source>
        <translation>widerspricht „{}“</translation>
    </message>
    <message>
        <source>{} strings need at least as many strips; there are {}</source>
        <translation>{} Stränge brauchen mindestens so viele Leisten; es gibt {}</translation>
    </message>
    <message>
        <source>{} strips cannot be shared out evenly over {} strings</source>
        <translation>{} Leisten lassen sich nicht gleichmäßig auf {} Stränge verteilen</translation>
    </message>
    <message>
        <source>{} strings of {} are not {} strips</source>
        <translation>{} Stränge zu {} sind nicht {} Leisten</translation>
    </message>
    <message>
        <source>there are only {} strips</source>
        <translation>es gibt nur {} Leisten</translation>
    </message>
    <message>
        <source>{} is outside {} … {}</source>
        <translation>{} liegt außerhalb {} … {}</translation>
    </message>
    <message>
        <source>the line is too long</source>
        <translation>die Zeile ist zu lang</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>over-voltage</source>
        <translation>Überspannung</translation>
    </message>
    <message>
        <source>over-current</source>
        <translation>Überstrom</translation>
    </message>
    <message>
        <source>unequal channels</source>
        <translation>ungleiche Kanäle</translation>
    </message>
    <message>
        <source>supply collapsed</source>
        <translation>Versorgung eingebrochen</translation>
    </message>
    <message>
        <source>{} is outside 0 … {}</source>
        <translation>{} liegt außerhalb 0 … {}</translation>
    </message>
    <message>
        <source>the run starts or ends between LEDs that stand side by side</source>
        <translation>der Abschnitt beginnt oder endet zwischen LEDs, die nebeneinander stehen</translation>
    </message>
    <message>
        <source>neither volts nor what is lit was written down</source>
        <translation>weder Volt noch was leuchtet wurde notiert</translation>
    </message>
    <message>
        <source>{} bytes of text; at most {}</source>
        <translation>{} Byte Text; höchstens {}</translation>
    </message>
    <message>
        <source>holds control characters or is not UTF-8</source>
        <translation>enthält Steuerzeichen oder ist kein UTF-8</translation>
    </message>
    <message>
        <source>{} entries; at most {}</source>
        <translation>{} Einträge; höchstens {}</translation>
    </message>
    <message>
        <source>{} is used twice</source>
        <translation>{} kommt zweimal vor</translation>
    </message>
    <message>
        <source>is empty</source>
        <translation>ist leer</translation>
    </message>
    <message>
        <source>type a number</source>
        <translation>eine Zahl eingeben</translation>
    </message>
    <message>
        <source>{} is not below the peak of {}</source>
        <translation>{} liegt nicht unter der Spitze von {}</translation>
    </message>
    <message>
        <source>a number alone</source>
        <translation>eine Zahl allein</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>A or mA</source>
        <translation>A oder mA</translation>
    </message>
    <message>
        <source>mA or A</source>
        <translation>mA oder A</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>an amount of money</source>
        <translation>ein Geldbetrag</translation>
    </message>
    <message>
        <source>{}, not {}</source>
        <translation>{}, nicht {}</translation>
    </message>
    <message>
        <source>{}; write 2.9 lit, OL, or 1.8/1.8</source>
        <translation>{}; etwa 2,9 leuchtet, OL oder 1,8/1,8</translation>
    </message>
    <message>
        <source>makes over {} outputs</source>
        <translation>ergibt mehr als {} Ausgänge</translation>
    </message>
    <message>
        <source>None of these</source>
        <translation>Nichts davon</translation>
    </message>
    <message>
        <source>how many LEDs are there? Write 4 strips × 12</source>
        <translation>wie viele LEDs sind es? Etwa 4 Leisten × 12</translation>
    </message>
    <message>
        <source>nobody has described the strips yet</source>
        <translation>die Leisten hat noch niemand beschrieben</translation>
    </message>
    <message>
        <source>Nobody has described the strips yet: the supply&apos;s volts hang on how many LEDs stand in series. Say so at Take in first.</source>
        <translation>Die Leisten hat noch niemand beschrieben: Die Spannung des Netzteils hängt daran, wie viele LEDs in Reihe sind. Erst bei der Annahme angeben.</translation>
    </message>
    <message>
        <source>Faulty LED {}</source>
        <translation>Defekte LED {}</translation>
    </message>
    <message>
        <source>Describe the strips first: what mends them, and what it costs, hangs on how many there are.</source>
        <translation>Erst die Leisten beschreiben: Was sie instand setzt und was es kostet, hängt daran, wie viele es sind.</translation>
    </message>
    <message>
        <source>a board has at least one LED+</source>
        <translation>eine Platine hat mindestens ein LED+</translation>
    </message>
    <message>
        <source>no channel hangs on feed {}</source>
        <translation>an Speisung {} hängt kein Kanal</translation>
    </message>
    <message>
        <source>{} labels for {} feeds</source>
        <translation>{} Aufdrucke für {} Speisungen</translation>
    </message>
    <message>
        <source>{} of feed {}</source>
        <translation>{} von Speisung {}</translation>
    </message>
    <message>
        <source>{}, feed {}</source>
        <translation>{}, Speisung {}</translation>
    </message>
    <message>
        <source>Dark LED that opens at full current</source>
        <translation>Dunkle LED, die bei vollem Strom öffnet</translation>
    </message>
    <message>
        <source>cannot be reached</source>
        <translation>nicht zu erreichen</translation>
    </message>
    <message>
        <source>{}, {:.0f} times</source>
        <translation>{}, {:.0f}-mal</translation>
    </message>
    <message>
        <source>there is no {} {} among the set&apos;s points</source>
        <translation>unter den Punkten des Geräts ist kein {} {}</translation>
    </message>
    <message>
        <source>Looks of {}</source>
        <translation>Aussehen von {}</translation>
    </message>
    <message>
        <source>looks fine</source>
        <translation>sieht gut aus</translation>
    </message>
    <message>
        <source>bulged</source>
        <translation>gewölbt</translation>
    </message>
    <message>
        <source>leaking</source>
        <translation>ausgelaufen</translation>
    </message>
    <message>
        <source>burnt</source>
        <translation>verbrannt</translation>
    </message>
    <message>
        <source>soot</source>
        <translation>Ruß</translation>
    </message>
    <message>
        <source>cracked joint</source>
        <translation>gerissene Lötstelle</translation>
    </message>
    <message>
        <source>glue</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>cut or repaired</source>
        <translation>getrennt oder repariert</translation>
    </message>
    <message>
        <source>has no reading</source>
        <translation>hat keinen Messwert</translation>
    </message>
    <message>
        <source>{} is used twice, or empty</source>
        <translation>{} kommt zweimal vor oder ist leer</translation>
    </message>
    <message>
        <source>not tried</source>
        <translation>nicht probiert</translation>
    </message>
    <message>
        <source>{:.2f} MΩ</source>
        <translation>{:.2f} MΩ</translation>
    </message>
    <message>
        <source>{:.2f} kΩ</source>
        <translation>{:.2f} kΩ</translation>
    </message>
    <message>
        <source>{:.4g} µF</source>
        <translation>{:.4g} µF</translation>
    </message>
    <message>
        <source>{:.4g} nF</source>
        <translation>{:.4g} nF</translation>
    </message>
    <message>
        <source>{:.4g} pF</source>
        <translation>{:.4g} pF</translation>
    </message>
    <message>
        <source>{} Lift a leg and measure again.</source>
        <translation>{} Ein Bein auslöten und nochmals messen.</translation>
    </message>
    <message>
        <source>{} is a short.</source>
        <translation>{} ist ein Kurzschluss.</translation>
    </message>
    <message>
        <source>ESR {:.2f} Ω; at most {:.2f} Ω (tan δ/2πfC at 120 Hz), a fresh one far less.</source>
        <translation>ESR {:.2f} Ω; höchstens {:.2f} Ω (tan δ/2πfC bei 120 Hz), ein frischer weit weniger.</translation>
    </message>
    <message>
        <source>{} of {}: {:.0f} %.</source>
        <translation>{} von {}: {:.0f} %.</translation>
    </message>
    <message>
        <source>{} Below {:.0f} % it is worn out.</source>
        <translation>{} Unter {:.0f} % ist er verbraucht.</translation>
    </message>
    <message>
        <source>{} Below {:.0f} % it is tired.</source>
        <translation>{} Unter {:.0f} % ist er müde.</translation>
    </message>
    <message>
        <source>{} Far more than printed: leaky, or others in parallel.</source>
        <translation>{} Weit mehr als aufgedruckt: undicht, oder andere liegen parallel.</translation>
    </message>
    <message>
        <source>{} From {:.0f} % on it is good.</source>
        <translation>{} Ab {:.0f} % ist er gut.</translation>
    </message>
    <message>
        <source>Needs its printed µF beside what was measured, or an ESR.</source>
        <translation>Braucht die aufgedruckten µF neben den gemessenen, oder einen ESR.</translation>
    </message>
    <message>
        <source>Needs its marking beside what was measured.</source>
        <translation>Braucht den Aufdruck neben dem Messwert.</translation>
    </message>
    <message>
        <source>{} of {} ± {:.0f} %.</source>
        <translation>{} von {} ± {:.0f} %.</translation>
    </message>
    <message>
        <source>Needs ohms across it.</source>
        <translation>Braucht die Ohm daran.</translation>
    </message>
    <message>
        <source>{}; a good fuse shows less than {:.0f} Ω.</source>
        <translation>{}; eine gute Sicherung zeigt unter {:.0f} Ω.</translation>
    </message>
    <message>
        <source>Needs diode mode both ways.</source>
        <translation>Braucht den Diodentest in beiden Richtungen.</translation>
    </message>
    <message>
        <source>{} one way, {} the other; {}.</source>
        <translation>{} in der einen, {} in der anderen Richtung; {}.</translation>
    </message>
    <message>
        <source>Shorted: {}</source>
        <translation>Kurzgeschlossen: {}</translation>
    </message>
    <message>
        <source>Open: {}</source>
        <translation>Offen: {}</translation>
    </message>
    <message>
        <source>The same both ways: {}</source>
        <translation>In beiden Richtungen gleich: {}</translation>
    </message>
    <message>
        <source>Needs its printed ohms beside what was measured.</source>
        <translation>Braucht die aufgedruckten Ohm neben den gemessenen.</translation>
    </message>
    <message>
        <source>{} of {} ± {}.</source>
        <translation>{} von {} ± {}.</translation>
    </message>
    <message>
        <source>{} Nothing beside it makes it read high.</source>
        <translation>{} Nichts daneben lässt ihn zu hoch erscheinen.</translation>
    </message>
    <message>
        <source>{:.0f} rings; a good winding gives {:.0f} and more, a shorted turn one or two.</source>
        <translation>{:.0f} Schwingungen; eine gute Wicklung gibt {:.0f} und mehr, ein Windungsschluss eine oder zwei.</translation>
    </message>
    <message>
        <source>{} In circuit good ones fail too: out of circuit decides.</source>
        <translation>{} In der Schaltung fallen auch gute durch: ausgebaut entscheidet.</translation>
    </message>
    <message>
        <source>Needs ohms, or rings.</source>
        <translation>Braucht Ohm oder Schwingungen.</translation>
    </message>
    <message>
        <source>{}; a good winding is under {:.0f} Ω, and a shorted turn only a ring test shows.</source>
        <translation>{}; eine gute Wicklung liegt unter {:.0f} Ω, und einen Windungsschluss zeigt nur der Schwingtest.</translation>
    </message>
    <message>
        <source>Needs volts.</source>
        <translation>Braucht Volt.</translation>
    </message>
    <message>
        <source>{:.2f} V: nothing there.</source>
        <translation>{:.2f} V: nichts da.</translation>
    </message>
    <message>
        <source>{:.2f} V; what does the label beside it say?</source>
        <translation>{:.2f} V; was steht auf dem Aufdruck daneben?</translation>
    </message>
    <message>
        <source>{:.2f} V of {:.1f} V ± {:.0f} %.</source>
        <translation>{:.2f} V von {:.1f} V ± {:.0f} %.</translation>
    </message>
    <message>
        <source>{} Under load a rail may sag: compare it with the set in standby.</source>
        <translation>{} Unter Last darf eine Schiene nachgeben: mit dem Gerät in Bereitschaft vergleichen.</translation>
    </message>
    <message>
        <source>{:.0f} % at {:.0f} Hz.</source>
        <translation>{:.0f} % bei {:.0f} Hz.</translation>
    </message>
    <message>
        <source>{:.2f} V; from {:.1f} V on it is there, below {:.1f} V it is not.</source>
        <translation>{:.2f} V; ab {:.1f} V ist es da, unter {:.1f} V nicht.</translation>
    </message>
    <message>
        <source>a good one 0.15 to 0.45 V (Schottky) or 0.5 to 0.7 V one way only</source>
        <translation>eine gute 0,15 bis 0,45 V (Schottky) oder 0,5 bis 0,7 V nur in einer Richtung</translation>
    </message>
    <message>
        <source>a good one 0.5 to 0.8 V one way only</source>
        <translation>eine gute 0,5 bis 0,8 V nur in einer Richtung</translation>
    </message>
    <message>
        <source>a good one shows its body diode, 0.35 to 0.7 V, one way only</source>
        <translation>ein guter zeigt seine Diode, 0,35 bis 0,7 V, nur in einer Richtung</translation>
    </message>
    <message>
        <source>a good junction 0.5 to 0.7 V one way only</source>
        <translation>ein guter Übergang 0,5 bis 0,7 V nur in einer Richtung</translation>
    </message>
    <message>
        <source>{:.0f} rings</source>
        <translation>{:.0f} Schwingungen</translation>
    </message>
    <message>
        <source>ESR {:.2f} Ω</source>
        <translation>ESR {:.2f} Ω</translation>
    </message>
    <message>
        <source>{:.0f} Hz</source>
        <translation>{:.0f} Hz</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
    <message>
        <source>bad</source>
        <translation>schlecht</translation>
    </message>
    <message>
        <source>{}, out of circuit</source>
        <translation>{}, ausgebaut</translation>
    </message>
    <message>
        <source>Its twin reads the same: {}.</source>
        <translation>Sein Zwilling zeigt dasselbe: {}.</translation>
    </message>
    <message>
        <source>Its twin reads {}.</source>
        <translation>Sein Zwilling zeigt {}.</translation>
    </message>
    <message>
        <source>needs a unit: µF, nF, pF or Ω</source>
        <translation>braucht eine Einheit: µF, nF, pF oder Ω</translation>
    </message>
    <message>
        <source>{}, another one</source>
        <translation>{}, ein anderer</translation>
    </message>
    <message>
        <source>Mains fuse</source>
        <translation>Netzsicherung</translation>
    </message>
    <message>
        <source>Ohms across it, mains out, stored charge measured first.</source>
        <translation>Ohm daran, Netz gezogen, Restladung vorher gemessen.</translation>
    </message>
    <message>
        <source>Bulk</source>
        <translation>Zwischenkreis</translation>
    </message>
    <message>
        <source>Across the large capacitor: √2 times the mains, 325 V at 230 V. Hot side: one hand, rated leads.</source>
        <translation>Am großen Kondensator: √2 mal das Netz, 325 V bei 230 V. Heiße Seite: eine Hand, zugelassene Leitungen.</translation>
    </message>
    <message>
        <source>Bulk capacitor</source>
        <translation>Zwischenkreiskondensator</translation>
    </message>
    <message>
        <source>Discharged and measured again first; then µF and ESR.</source>
        <translation>Erst entladen und nochmals gemessen; dann µF und ESR.</translation>
    </message>
    <message>
        <source>5 V standby</source>
        <translation>5 V Bereitschaft</translation>
    </message>
    <message>
        <source>5 V</source>
        <translation>5 V</translation>
    </message>
    <message>
        <source>Against its label, set in standby.</source>
        <translation>Gegen den Aufdruck, Gerät in Bereitschaft.</translation>
    </message>
    <message>
        <source>Standby capacitor</source>
        <translation>Bereitschaftskondensator</translation>
    </message>
    <message>
        <source>µF and ESR, mains out and discharged.</source>
        <translation>µF und ESR, Netz gezogen und entladen.</translation>
    </message>
    <message>
        <source>Main rail</source>
        <translation>Hauptschiene</translation>
    </message>
    <message>
        <source>Rail</source>
        <translation>Schiene</translation>
    </message>
    <message>
        <source>Against its label, set on.</source>
        <translation>Gegen den Aufdruck, Gerät an.</translation>
    </message>
    <message>
        <source>Supply capacitor</source>
        <translation>Netzteilkondensator</translation>
    </message>
    <message>
        <source>µF and ESR, the large ones first; set unplugged and discharged.</source>
        <translation>µF und ESR, die großen zuerst; Stecker gezogen und entladen.</translation>
    </message>
    <message>
        <source>Rectifier</source>
        <translation>Gleichrichter</translation>
    </message>
    <message>
        <source>Diode mode, both ways, set unplugged and discharged.</source>
        <translation>Diodentest in beiden Richtungen, Stecker gezogen und entladen.</translation>
    </message>
    <message>
        <source>Driver fuse</source>
        <translation>Treibersicherung</translation>
    </message>
    <message>
        <source>Ohms across it, set unplugged.</source>
        <translation>Ohm daran, Stecker gezogen.</translation>
    </message>
    <message>
        <source>Driver IC&apos;s supply</source>
        <translation>Versorgung des Treiber-IC</translation>
    </message>
    <message>
        <source>VCC pin of the driver IC, set on.</source>
        <translation>VCC am Treiber-IC, Gerät an.</translation>
    </message>
    <message>
        <source>Driver IC&apos;s enable</source>
        <translation>Freigabe des Treiber-IC</translation>
    </message>
    <message>
        <source>Enable pin of the driver IC, set on.</source>
        <translation>Freigabe am Treiber-IC, Gerät an.</translation>
    </message>
    <message>
        <source>Driver IC&apos;s dimming</source>
        <translation>Dimmen am Treiber-IC</translation>
    </message>
    <message>
        <source>Dimming pin: volts, or per cent and hertz.</source>
        <translation>Dimmpin: Volt, oder Prozent und Hertz.</translation>
    </message>
    <message>
        <source>Driver IC&apos;s COMP</source>
        <translation>COMP am Treiber-IC</translation>
    </message>
    <message>
        <source>Compensation pin: neither stuck at zero nor at the supply.</source>
        <translation>Kompensationspin: weder an null noch an der Versorgung fest.</translation>
    </message>
    <message>
        <source>Gate drive</source>
        <translation>Gate-Ansteuerung</translation>
    </message>
    <message>
        <source>Gate of the driver MOSFET at switch-on: a pulse train reads some tenths of a volt to volts, or hertz.</source>
        <translation>Gate des Treiber-MOSFET beim Einschalten: Pulse zeigen einige Zehntel bis mehrere Volt, oder Hertz.</translation>
    </message>
    <message>
        <source>Driver MOSFET</source>
        <translation>Treiber-MOSFET</translation>
    </message>
    <message>
        <source>Coil</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>Ohms; a ring test for a shorted turn, out of circuit.</source>
        <translation>Ohm; auf Windungsschluss der Schwingtest, ausgebaut.</translation>
    </message>
    <message>
        <source>Output diode</source>
        <translation>Ausgangsdiode</translation>
    </message>
    <message>
        <source>Diode mode, red on its plain end, then the other way round; set unplugged.</source>
        <translation>Diodentest, Rot ans Ende ohne Strich, dann umgekehrt; Stecker gezogen.</translation>
    </message>
    <message>
        <source>Output capacitor</source>
        <translation>Ausgangskondensator</translation>
    </message>
    <message>
        <source>µF and ESR, discharged and measured again first.</source>
        <translation>µF und ESR, erst entladen und nochmals gemessen.</translation>
    </message>
    <message>
        <source>Sense resistor</source>
        <translation>Messwiderstand</translation>
    </message>
    <message>
        <source>Ohms against its marking, leads touched together first.</source>
        <translation>Ohm gegen den Aufdruck, Leitungen vorher zusammengehalten.</translation>
    </message>
    <message>
        <source>Over-voltage divider</source>
        <translation>Überspannungsteiler</translation>
    </message>
    <message>
        <source>Ohms of each resistor of the divider against its marking.</source>
        <translation>Ohm jedes Widerstands des Teilers gegen seinen Aufdruck.</translation>
    </message>
    <message>
        <source>T-con supply</source>
        <translation>T-con-Versorgung</translation>
    </message>
    <message>
        <source>T-con</source>
        <translation>T-con</translation>
    </message>
    <message>
        <source>At the T-con&apos;s fuse, set on; both leads checked first.</source>
        <translation>An der Sicherung des T-con, Gerät an; vorher beide Leitungen geprüft.</translation>
    </message>
    <message>
        <source>Mains</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>Standby</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>Supply</source>
        <translation>Netzteil</translation>
    </message>
    <message>
        <source>LED driver</source>
        <translation>LED-Treiber</translation>
    </message>
    <message>
        <source>Main board</source>
        <translation>Hauptplatine</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Speisung</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>T-con, panel</source>
        <translation>T-con, Panel</translation>
    </message>
    <message>
        <source>Separate boards</source>
        <translation>Getrennte Platinen</translation>
    </message>
    <message>
        <source>Combined supply</source>
        <translation>Gemeinsames Netzteil</translation>
    </message>
    <message>
        <source>Outside 12 V supply</source>
        <translation>Äußeres 12-V-Netzteil</translation>
    </message>
    <message>
        <source>Input and rails</source>
        <translation>Eingang und Schienen</translation>
    </message>
    <message>
        <source>Driver&apos;s supply</source>
        <translation>Versorgung des Treibers</translation>
    </message>
    <message>
        <source>Driver IC</source>
        <translation>Treiber-IC</translation>
    </message>
    <message>
        <source>Rail that feeds it</source>
        <translation>Schiene, die ihn speist</translation>
    </message>
    <message>
        <source>Supply capacitors</source>
        <translation>Netzteilkondensatoren</translation>
    </message>
    <message>
        <source>Main board, though BL_ON and DIM look right</source>
        <translation>Hauptplatine, obwohl BL_ON und DIM stimmen</translation>
    </message>
    <message>
        <source>Standby supply</source>
        <translation>Bereitschaftsnetzteil</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>green</source>
        <translation>grün</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>Restarts by itself</source>
        <translation>Startet von selbst neu</translation>
    </message>
    <message>
        <source>Watch a minute: tap once for each restart.</source>
        <translation>Eine Minute zusehen: für jeden Neustart einmal tippen.</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>restarts</source>
        <translation>startet neu</translation>
    </message>
    <message>
        <source>Mains watts</source>
        <translation>Watt aus dem Netz</translation>
    </message>
    <message>
        <source>A meter between plug and wall. Tens of watts mean that it is running.</source>
        <translation>Ein Messgerät zwischen Stecker und Dose. Zehn Watt und mehr heißen: es läuft.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>standby</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>runs without light</source>
        <translation>läuft ohne Licht</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>Optical audio output</source>
        <translation>Optischer Tonausgang</translation>
    </message>
    <message>
        <source>Red glow in it? Then the main board runs.</source>
        <translation>Glimmt er rot? Dann läuft die Hauptplatine.</translation>
    </message>
    <message>
        <source>red glow</source>
        <translation>glimmt rot</translation>
    </message>
    <message>
        <source>there is none</source>
        <translation>gibt es nicht</translation>
    </message>
    <message>
        <source>Torch at switch-off</source>
        <translation>Lampe beim Ausschalten</translation>
    </message>
    <message>
        <source>Torch on the glass, switch off: does what is there vanish?</source>
        <translation>Lampe ans Glas, ausschalten: verschwindet, was da ist?</translation>
    </message>
    <message>
        <source>vanishes</source>
        <translation>verschwindet</translation>
    </message>
    <message>
        <source>nothing vanishes</source>
        <translation>nichts verschwindet</translation>
    </message>
    <message>
        <source>Light across the screen</source>
        <translation>Licht über den Schirm</translation>
    </message>
    <message>
        <source>Drag over what is darker, or say which part.</source>
        <translation>Über das Dunklere ziehen, oder sagen, welcher Teil.</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>alike everywhere</source>
        <translation>überall gleich</translation>
    </message>
    <message>
        <source>a half dark</source>
        <translation>eine Hälfte dunkel</translation>
    </message>
    <message>
        <source>a band dark</source>
        <translation>ein Streifen dunkel</translation>
    </message>
    <message>
        <source>a corner dark</source>
        <translation>eine Ecke dunkel</translation>
    </message>
    <message>
        <source>spots</source>
        <translation>Flecken</translation>
    </message>
    <message>
        <source>Flicker</source>
        <translation>Flackern</translation>
    </message>
    <message>
        <source>Before it goes dark, or while it is lit.</source>
        <translation>Bevor es dunkel wird, oder solange es leuchtet.</translation>
    </message>
    <message>
        <source>no flicker</source>
        <translation>kein Flackern</translation>
    </message>
    <message>
        <source>flickers</source>
        <translation>flackert</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>Farbstich</translation>
    </message>
    <message>
        <source>A white picture: bluish, yellowish, at an edge?</source>
        <translation>Ein weißes Bild: bläulich, gelblich, an einem Rand?</translation>
    </message>
    <message>
        <source>no tint</source>
        <translation>kein Farbstich</translation>
    </message>
    <message>
        <source>Flashed before it died</source>
        <translation>Blitzte, bevor es ausging</translation>
    </message>
    <message>
        <source>Ask who saw it last.</source>
        <translation>Fragen, wer es zuletzt sah.</translation>
    </message>
    <message>
        <source>it did</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>it did not</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>nobody knows</source>
        <translation>weiß niemand</translation>
    </message>
    <message>
        <source>Hum or ticking</source>
        <translation>Brummen oder Ticken</translation>
    </message>
    <message>
        <source>Ear to the back, at switch-on.</source>
        <translation>Ohr an die Rückwand, beim Einschalten.</translation>
    </message>
    <message>
        <source>quiet</source>
        <translation>still</translation>
    </message>
    <message>
        <source>hums</source>
        <translation>brummt</translation>
    </message>
    <message>
        <source>ticks</source>
        <translation>tickt</translation>
    </message>
    <message>
        <source>LED+ on</source>
        <translation>LED+ an</translation>
    </message>
    <message>
        <source>Plug out</source>
        <translation>Ohne Stecker</translation>
    </message>
    <message>
        <source>Eyes on the board</source>
        <translation>Blick auf die Platine</translation>
    </message>
    <message>
        <source>nothing to be seen</source>
        <translation>nichts zu sehen</translation>
    </message>
    <message>
        <source>something</source>
        <translation>etwas</translation>
    </message>
    <message>
        <source>Nests, droppings, white or green deposits.</source>
        <translation>Nester, Kot, weiße oder grüne Beläge.</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>Plugs reseated</source>
        <translation>Stecker neu gesteckt</translation>
    </message>
    <message>
        <source>Reseated</source>
        <translation>Neu gesteckt</translation>
    </message>
    <message>
        <source>no change</source>
        <translation>keine Änderung</translation>
    </message>
    <message>
        <source>it lights</source>
        <translation>es leuchtet</translation>
    </message>
    <message>
        <source>Back off</source>
        <translation>Rückwand ab</translation>
    </message>
    <message>
        <source>it goes away</source>
        <translation>es vergeht</translation>
    </message>
    <message>
        <source>Dummy load instead of the LEDs</source>
        <translation>Ersatzlast statt der LEDs</translation>
    </message>
    <message>
        <source>Set off, LEDs unplugged, a load of their volts and current in their place.</source>
        <translation>Gerät aus, LEDs abgesteckt, eine Last mit ihrer Spannung und ihrem Strom an ihrer Stelle.</translation>
    </message>
    <message>
        <source>does not run</source>
        <translation>läuft nicht</translation>
    </message>
    <message>
        <source>LEDs lit from the bench, set running</source>
        <translation>LEDs vom Tisch gespeist, Gerät läuft</translation>
    </message>
    <message>
        <source>Bench-lit</source>
        <translation>Vom Tisch</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>ein Bild</translation>
    </message>
    <message>
        <source>light, no picture</source>
        <translation>Licht, kein Bild</translation>
    </message>
    <message>
        <source>Main board unplugged, supply forced on</source>
        <translation>Hauptplatine ab, Netzteil erzwungen an</translation>
    </message>
    <message>
        <source>Set off, main board unplugged; power-on and BL_ON from standby through 1 kΩ: do the LEDs light?</source>
        <translation>Gerät aus, Hauptplatine ab; Einschalten und BL_ON aus der Bereitschaft über 1 kΩ: leuchten die LEDs?</translation>
    </message>
    <message>
        <source>lights</source>
        <translation>leuchtet</translation>
    </message>
    <message>
        <source>stays dark</source>
        <translation>bleibt dunkel</translation>
    </message>
    <message>
        <source>Known-good main board</source>
        <translation>Bekannt gute Hauptplatine</translation>
    </message>
    <message>
        <source>Swapped</source>
        <translation>Getauscht</translation>
    </message>
    <message>
        <source>Set off; one that is known to run in its place.</source>
        <translation>Gerät aus; eine, die bekanntlich läuft, an ihre Stelle.</translation>
    </message>
    <message>
        <source>it works</source>
        <translation>es geht</translation>
    </message>
    <message>
        <source>Known-good power board</source>
        <translation>Bekannt gute Netzteilplatine</translation>
    </message>
    <message>
        <source>Set off, stored charge measured; one that is known to run in its place.</source>
        <translation>Gerät aus, Restladung gemessen; eine, die bekanntlich läuft, an ihre Stelle.</translation>
    </message>
    <message>
        <source>No picture: prove the T-con&apos;s own clips and its supply first; a bad clip looks like a dead panel.</source>
        <translation>Kein Bild: erst die Klemmen des T-con und seine Versorgung prüfen; eine schlechte Klemme sieht aus wie ein totes Panel.</translation>
    </message>
    <message>
        <source>Panel lit from the bench</source>
        <translation>Panel vom Tisch beleuchtet</translation>
    </message>
    <message>
        <source>Panel check: the LEDs from bench supplies, the T-con from its own, a picture on it.</source>
        <translation>Panelprüfung: die LEDs aus Labornetzteilen, der T-con aus eigenem, ein Bild darauf.</translation>
    </message>
    <message>
        <source>lit as computed</source>
        <translation>leuchtet wie berechnet</translation>
    </message>
    <message>
        <source>a dark area</source>
        <translation>eine dunkle Fläche</translation>
    </message>
    <message>
        <source>glass or lines</source>
        <translation>Glas oder Linien</translation>
    </message>
    <message>
        <source>Needs the faulty part found. Capacitors of one row, and twins that aged alike, are replaced together.</source>
        <translation>Braucht das fehlerhafte Teil. Kondensatoren einer Reihe und gleich gealterte Zwillinge werden zusammen ersetzt.</translation>
    </message>
    <message>
        <source>Idle</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>Eyes</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>Load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>in standby</source>
        <translation>in Bereitschaft</translation>
    </message>
    <message>
        <source>set on</source>
        <translation>Gerät ein</translation>
    </message>
    <message>
        <source>backlight on</source>
        <translation>Licht an</translation>
    </message>
    <message>
        <source>It need not be there yet. Read it again: {}.</source>
        <translation>Sie muss noch nicht da sein. Noch einmal messen: {}.</translation>
    </message>
    <message>
        <source>Supply unplugged. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.</source>
        <translation>Netzteil abgezogen. Der Tester erreicht {:.0f} V{}. Helles, blaureiches Licht: durch den Diffusor schauen.</translation>
    </message>
    <message>
        <source>Remote, its cells or the key</source>
        <translation>Fernbedienung, ihre Zellen oder die Taste</translation>
    </message>
    <message>
        <source>New cells first; then the receiver behind its window, and the key board&apos;s lead.</source>
        <translation>Zuerst neue Zellen; dann der Empfänger hinter seinem Fenster und die Leitung der Tastenplatine.</translation>
    </message>
    <message>
        <source>Never switched on: remote or keys</source>
        <translation>Nie eingeschaltet: Fernbedienung oder Tasten</translation>
    </message>
    <message>
        <source>LED tester</source>
        <translation>LED-Tester</translation>
    </message>
    <message>
        <source>ESR and capacitance meter</source>
        <translation>ESR- und Kapazitätsmesser</translation>
    </message>
    <message>
        <source>Mains watt meter</source>
        <translation>Netz-Leistungsmesser</translation>
    </message>
    <message>
        <source>Phone camera</source>
        <translation>Telefonkamera</translation>
    </message>
    <message>
        <source>Dummy load</source>
        <translation>Ersatzlast</translation>
    </message>
    <message>
        <source>Light through the vents</source>
        <translation>Licht durch die Schlitze</translation>
    </message>
    <message>
        <source>Room dark, set on: look into the holes of its back. Alight behind a dark screen?</source>
        <translation>Raum dunkel, Gerät an: in die Lüftungsschlitze der Rückwand schauen. Leuchtet es hinter dunklem Schirm?</translation>
    </message>
    <message>
        <source>alight behind</source>
        <translation>hinten hell</translation>
    </message>
    <message>
        <source>dark there too</source>
        <translation>auch dort dunkel</translation>
    </message>
    <message>
        <source>cannot see</source>
        <translation>nicht zu sehen</translation>
    </message>
    <message>
        <source>Remote and keys</source>
        <translation>Fernbedienung und Tasten</translation>
    </message>
    <message>
        <source>Phone camera on the remote: does it flash at each key? Then the power key at the set itself.</source>
        <translation>Telefonkamera auf die Fernbedienung: blitzt sie bei jeder Taste? Dann die Ein-Taste am Gerät selbst.</translation>
    </message>
    <message>
        <source>remote flashes</source>
        <translation>sie blitzt</translation>
    </message>
    <message>
        <source>remote stays dark</source>
        <translation>sie bleibt dunkel</translation>
    </message>
    <message>
        <source>starts by its key</source>
        <translation>startet mit der Taste</translation>
    </message>
    <message>
        <source>Tester at {:.0f} mA, {}</source>
        <translation>Tester mit {:.0f} mA, {}</translation>
    </message>
    <message>
        <source>dark or dim</source>
        <translation>dunkel oder schwach</translation>
    </message>
    <message>
        <source>none dim</source>
        <translation>keine schwach</translation>
    </message>
    <message>
        <source>{:.2f} V, far below the {:.2f} V of a good one: the current flows beside its junction.</source>
        <translation>{:.2f} V, weit unter den {:.2f} V einer guten: Der Strom fließt neben ihrem Übergang.</translation>
    </message>
    <message>
        <source>A meter in diode mode across {}, its strip unplugged; does it glow?</source>
        <translation>Ein Messgerät im Diodentest an {}, ihre Leiste ausgesteckt; leuchtet sie?</translation>
    </message>
    <message>
        <source>cannot be read as a pin; write + red, − black, − 2 white 0.3 Ω, or unused</source>
        <translation>ist als Pin nicht zu lesen; etwa + rot, − schwarz, − 2 weiß 0,3 Ω oder frei</translation>
    </message>
    <message>
        <source>cannot be read; write 2.82 V at 30 mA</source>
        <translation>ist nicht zu lesen; etwa 2,82 V bei 30 mA</translation>
    </message>
    <message>
        <source>{}: which is the month? Write 4 Dec or 2026-12-04</source>
        <translation>{}: Was ist der Monat? Etwa 4. Dez oder 2026-12-04</translation>
    </message>
    <message>
        <source>{} cannot be read as a day; write Friday, in 3 days or 2026-12-04</source>
        <translation>{} ist als Tag nicht zu lesen; etwa Freitag, in 3 Tagen oder 2026-12-04</translation>
    </message>
    <message>
        <source>{} LEDs bridged with an ammeter; at most {}</source>
        <translation>{} LEDs mit dem Amperemeter überbrückt; höchstens {}</translation>
    </message>
    <message>
        <source>{} has terms twice</source>
        <translation>{} hat zweimal Bedingungen</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>{} cannot be read; write a number, as 12 or 3.5</source>
        <translation>{} ist nicht zu lesen; etwa 12 oder 3,5</translation>
    </message>
    <message>
        <source>type the volts</source>
        <translation>Volt eingeben</translation>
    </message>
    <message>
        <source>{} cannot be read; write 184, 184 &gt; 48 (peaks, then settles) or 48 ~ 184 (wanders)</source>
        <translation>{} ist nicht zu lesen; etwa 184, 184 &gt; 48 (Spitze, dann ruhig) oder 48 ~ 184 (schwankt)</translation>
    </message>
    <message>
        <source>{} V, and then? Write {} &gt; 48 (peaks, then settles) or 48 ~ {} (wanders)</source>
        <translation>{} V, und dann? Etwa {} &gt; 48 (Spitze, dann ruhig) oder 48 ~ {} (schwankt)</translation>
    </message>
    <message>
        <source>{}-{}: did it peak and settle ({} &gt; {}) or wander ({} ~ {})?</source>
        <translation>{}-{}: Spitze und dann ruhig ({} &gt; {}) oder Schwanken ({} ~ {})?</translation>
    </message>
    <message>
        <source>{} says both lit and dark</source>
        <translation>{} sagt leuchtet und dunkel zugleich</translation>
    </message>
    <message>
        <source>{} cannot be read; write 90.4, 90.4 V 16 lit, or none lit</source>
        <translation>{} ist nicht zu lesen; etwa 90,4, 90,4 V 16 leuchten oder keine leuchtet</translation>
    </message>
    <message>
        <source>type the volts, or how many are lit</source>
        <translation>Volt eingeben, oder wie viele leuchten</translation>
    </message>
    <message>
        <source>a whole number from {} to {}</source>
        <translation>eine ganze Zahl von {} bis {}</translation>
    </message>
    <message>
        <source>{} lit, or {}?</source>
        <translation>Leuchten {} oder {}?</translation>
    </message>
    <message>
        <source>there are {} LEDs here, not {}</source>
        <translation>hier sind {} LEDs, nicht {}</translation>
    </message>
    <message>
        <source>{} V, or {} V?</source>
        <translation>{} V oder {} V?</translation>
    </message>
    <message>
        <source>Lamps strike at a thousand volts and more: no bench supply. Only a lamp generator that limits its current and is interlocked. Measure a lamp&apos;s length to know its volts.</source>
        <translation>Lampen zünden bei tausend Volt und mehr: kein Labornetzteil. Nur ein Lampengenerator, der seinen Strom begrenzt und verriegelt ist. Die Länge einer Lampe messen, um ihre Spannung zu kennen.</translation>
    </message>
    <message>
        <source>cannot be read as a supply; write 60 V 3 A 250 V</source>
        <translation>ist als Netzteil nicht zu lesen; etwa 60 V 3 A 250 V</translation>
    </message>
    <message>
        <source>The string&apos;s current is not known: {:.0f} mA are assumed, as many have them.</source>
        <translation>Der Strom des Strangs ist nicht bekannt: angenommen sind {:.0f} mA, wie viele sie haben.</translation>
    </message>
    <message>
        <source>241u 4R of 470u 63V</source>
        <translation>241u 4R von 470u 63V</translation>
    </message>
    <message>
        <source>148n of 154J 400</source>
        <translation>148n von 154J 400</translation>
    </message>
    <message>
        <source>0.31/OL, or 0/0 out</source>
        <translation>0,31/OL oder 0/0 ausgelötet</translation>
    </message>
    <message>
        <source>0.2R of 0.22R, or OL</source>
        <translation>0,2R von 0,22R oder OL</translation>
    </message>
    <message>
        <source>9 rings, or 2.5 Ω</source>
        <translation>9 Schwingungen oder 2,5 Ω</translation>
    </message>
    <message>
        <source>5.11 of 5V</source>
        <translation>5,11 von 5V</translation>
    </message>
    <message>
        <source>1.6 V, or 48 % 200 Hz</source>
        <translation>1,6 V oder 48 % 200 Hz</translation>
    </message>
    <message>
        <source>type a reading: {}</source>
        <translation>Messwert eingeben: {}</translation>
    </message>
    <message>
        <source>{} cannot be read; write {}</source>
        <translation>{} ist nicht zu lesen; etwa {}</translation>
    </message>
    <message>
        <source>is not what such a part shows</source>
        <translation>zeigt ein solches Teil nicht</translation>
    </message>
    <message>
        <source>says the same thing twice</source>
        <translation>sagt dasselbe zweimal</translation>
    </message>
    <message>
        <source>is asked: {}</source>
        <translation>ist die Frage: {}</translation>
    </message>
    <message>
        <source>is more than diode mode shows; millivolts have three digits</source>
        <translation>ist mehr, als der Diodentest zeigt; Millivolt haben drei Ziffern</translation>
    </message>
    <message>
        <source>is more than all of the time</source>
        <translation>ist mehr als die ganze Zeit</translation>
    </message>
    <message>
        <source>{} is not what is printed on such a part; write {}</source>
        <translation>{} steht nicht auf einem solchen Teil; etwa {}</translation>
    </message>
    <message>
        <source>0.22R, or R22</source>
        <translation>0,22R oder R22</translation>
    </message>
    <message>
        <source>5A 250V</source>
        <translation>5A 250V</translation>
    </message>
    <message>
        <source>5A 100V</source>
        <translation>5A 100V</translation>
    </message>
    <message>
        <source>12V</source>
        <translation>12V</translation>
    </message>
    <message>
        <source>Failed: no current at {:.0f} min, so nothing was lit.</source>
        <translation>Nicht bestanden: kein Strom bei {:.0f} min, also leuchtete nichts.</translation>
    </message>
    <message>
        <source>{} old and {} new LEDs over {:.0f} h of light</source>
        <translation>{} alte und {} neue LEDs über {:.0f} h Licht</translation>
    </message>
    <message>
        <source>LED+ can reach {:.0f} V DC{}</source>
        <translation>LED+ kann {:.0f} V DC erreichen{}</translation>
    </message>
    <message>
        <source>LED+ is not known yet: take it for more than {:.0f} V DC, beyond ES2</source>
        <translation>LED+ ist noch nicht bekannt: mit mehr als {:.0f} V DC rechnen, über ES2</translation>
    </message>
    <message>
        <source>Live: the set makes LED+ of its low voltage. {}. One hand, rated leads. Its supply unplugged, discharge and measure again before you touch. For trained people; follow local codes.</source>
        <translation>Unter Spannung: das Gerät macht LED+ aus seiner Kleinspannung. {}. Eine Hand, geprüfte Leitungen. Vor dem Anfassen Netzteil abziehen, entladen, nachmessen. Nur für Fachkundige; örtliche Vorschriften beachten.</translation>
    </message>
    <message>
        <source>LED+ at {:.0f} V DC</source>
        <translation>LED+ bei {:.0f} V DC</translation>
    </message>
    <message>
        <source>Live again, with mains on the primary side. {}. Close what you can before the soak.</source>
        <translation>Wieder unter Spannung, mit Netz auf der Primärseite. {}. Vor dem Dauerlauf schließen, was geht.</translation>
    </message>
    <message>
        <source>Live again. {}. Close what you can before the soak.</source>
        <translation>Wieder unter Spannung. {}. Vor dem Dauerlauf schließen, was geht.</translation>
    </message>
    <message>
        <source>{} may be {} or {}: write it without the sign</source>
        <translation>{} kann {} oder {} sein: ohne das Zeichen schreiben</translation>
    </message>
    <message>
        <source>Traces of insects or damp</source>
        <translation>Spuren von Insekten oder Feuchte</translation>
    </message>
    <message>
        <source>Damp</source>
        <translation>Feuchte</translation>
    </message>
    <message>
        <source>Back off, pressed or warm</source>
        <translation>Rückwand ab, gedrückt oder warm</translation>
    </message>
    <message>
        <source>Does the light work with the back off, with the board pressed by an insulated stick on its cold side, or once it is warm?</source>
        <translation>Geht das Licht mit abgenommener Rückwand, bei Druck mit einem isolierten Stab auf die kalte Seite der Platine, oder wenn es warm ist?</translation>
    </message>
    <message>
        <source>Forced on</source>
        <translation>Erzwungen an</translation>
    </message>
    <message>
        <source>{} readings of the tester; at most {}</source>
        <translation>{} Ablesungen des Testers; höchstens {}</translation>
    </message>
    <message>
        <source>LED bridged</source>
        <translation>LED überbrückt</translation>
    </message>
    <message>
        <source>A stop-gap until new LEDs are here: a dark spot may show, and it may come back.</source>
        <translation>Ein Notbehelf, bis neue LEDs da sind: ein dunkler Fleck kann sichtbar sein, und der Fehler kann wiederkehren.</translation>
    </message>
    <message>
        <source>LED replaced</source>
        <translation>LED ersetzt</translation>
    </message>
    <message>
        <source>Only what failed is new; the other LEDs are as old as the set and may follow.</source>
        <translation>Nur das Ausgefallene ist neu; die übrigen LEDs sind so alt wie das Gerät und können folgen.</translation>
    </message>
    <message>
        <source>Strip replaced</source>
        <translation>Leiste ersetzt</translation>
    </message>
    <message>
        <source>A new strip where it failed; its tint may differ a little from its neighbours.</source>
        <translation>Eine neue Leiste, wo es ausfiel; ihr Farbton kann etwas von den Nachbarn abweichen.</translation>
    </message>
    <message>
        <source>All strips replaced</source>
        <translation>Alle Leisten ersetzt</translation>
    </message>
    <message>
        <source>Every LED is new, of one batch and one tint.</source>
        <translation>Jede LED ist neu, aus einer Charge und mit einem Farbton.</translation>
    </message>
    <message>
        <source>Plug or joint remade</source>
        <translation>Stecker oder Lötstelle erneuert</translation>
    </message>
    <message>
        <source>A bad contact is cleaned and made anew.</source>
        <translation>Ein schlechter Kontakt wird gereinigt und neu hergestellt.</translation>
    </message>
    <message>
        <source>Part on the board replaced</source>
        <translation>Bauteil auf der Platine ersetzt</translation>
    </message>
    <message>
        <source>The faulty part is replaced, and with it those that have aged alike.</source>
        <translation>Das defekte Bauteil wird ersetzt, und mit ihm die, die ebenso gealtert sind.</translation>
    </message>
    <message>
        <source>Power board replaced</source>
        <translation>Netzteilplatine ersetzt</translation>
    </message>
    <message>
        <source>The whole power board is exchanged: quicker than mending it, and dearer.</source>
        <translation>Die ganze Netzteilplatine wird getauscht: schneller als eine Reparatur, aber teurer.</translation>
    </message>
    <message>
        <source>Main board replaced</source>
        <translation>Hauptplatine ersetzt</translation>
    </message>
    <message>
        <source>The board that tells the light to come on is exchanged.</source>
        <translation>Die Platine, die das Licht einschaltet, wird getauscht.</translation>
    </message>
    <message>
        <source>T-con replaced</source>
        <translation>T-con ersetzt</translation>
    </message>
    <message>
        <source>The board that drives the picture is exchanged; if that is not it, the panel itself is at fault.</source>
        <translation>Die Platine, die das Bild ansteuert, wird getauscht; liegt es nicht an ihr, ist das Panel selbst defekt.</translation>
    </message>
    <message>
        <source>Remote or key mended</source>
        <translation>Fernbedienung oder Taste repariert</translation>
    </message>
    <message>
        <source>New cells first, then the receiver or the keys.</source>
        <translation>Zuerst neue Batterien, dann der Empfänger oder die Tasten.</translation>
    </message>
    <message>
        <source>Not repaired</source>
        <translation>Nicht repariert</translation>
    </message>
    <message>
        <source>The set goes back as it came.</source>
        <translation>Das Gerät geht zurück, wie es kam.</translation>
    </message>
    <message>
        <source>OL is not a voltage</source>
        <translation>OL ist keine Spannung</translation>
    </message>
    <message>
        <source>Failed: a lit string draws {2:.0f} … {3:.0f} mA, not the {0:.0f} mA of minute {1:.0f}.</source>
        <translation>Nicht bestanden: ein leuchtender Strang zieht {2:.0f} … {3:.0f} mA, nicht die {0:.0f} mA aus Minute {1:.0f}.</translation>
    </message>
    <message>
        <source>Failed: LED+ of a lit set is {2:.0f} … {3:.0f} V, not the {0:.1f} V of minute {1:.0f}.</source>
        <translation>Nicht bestanden: LED+ eines leuchtenden Geräts liegt bei {2:.0f} … {3:.0f} V, nicht bei den {0:.1f} V aus Minute {1:.0f}.</translation>
    </message>
    <message>
        <source>Look for bulged, leaking, burnt or cracked parts before anything is measured; Alt+1 … 8 notes how the chosen part looks.</source>
        <translation>Vor jeder Messung nach gewölbten, ausgelaufenen, verbrannten oder gerissenen Teilen sehen; Alt+1 … 8 notiert, wie das gewählte Teil aussieht.</translation>
    </message>
    <message>
        <source>Output {}</source>
        <translation>Ausgang {}</translation>
    </message>
    <message>
        <source>470u 63V</source>
        <translation>470u 63V</translation>
    </message>
    <message>
        <source>154J 400</source>
        <translation>154J 400</translation>
    </message>
    <message>
        <source>3A</source>
        <translation>3A</translation>
    </message>
    <message>
        <source>As described, a sound set shows {:.1f} to {:.1f} V here.</source>
        <translation>So wie das Gerät beschrieben ist, zeigt ein heiles hier {:.1f} bis {:.1f} V.</translation>
    </message>
    <message>
        <source>{}, channel {}</source>
        <translation>{}, Kanal {}</translation>
    </message>
    <message>
        <source>its place is not in the set as it is described now</source>
        <translation>seinen Ort gibt es im Gerät, wie es jetzt beschrieben ist, nicht</translation>
    </message>
    <message>
        <source>{} Touch the leads together first and take off what they have, or pass 1 A and read the volts.</source>
        <translation>{} Erst die Messleitungen zusammenhalten und deren Wert abziehen, oder 1 A durchleiten und die Spannung ablesen.</translation>
    </message>
    <message>
        <source>{} A small boost coil may ring fewer: its twin decides.</source>
        <translation>{} Eine kleine Speicherdrossel schwingt vielleicht kürzer: ihr Zwilling entscheidet.</translation>
    </message>
    <message>
        <source>{:.0f} V: with power-factor correction it stands at 380 to 400 V while the set is on.</source>
        <translation>{:.0f} V: mit Leistungsfaktorkorrektur stehen 380 bis 400 V an, solange das Gerät läuft.</translation>
    </message>
    <message>
        <source>Resolder and reseat what comes and goes</source>
        <translation>Nachlöten und neu stecken, was kommt und geht</translation>
    </message>
    <message>
        <source>Contact remade</source>
        <translation>Kontakt erneuert</translation>
    </message>
    <message>
        <source>Find it first: lit, cold and warm, pressed with an insulated stick on the cold side; then solder anew and soak it long.</source>
        <translation>Erst finden: leuchtend, kalt und warm, mit isoliertem Stab auf der kalten Seite gedrückt; dann neu löten und lange laufen lassen.</translation>
    </message>
    <message>
        <source>A contact that came and went is made anew; if it comes back it was another.</source>
        <translation>Ein Kontakt, der kam und ging, ist erneuert; kommt der Fehler wieder, war es ein anderer.</translation>
    </message>
    <message>
        <source>Nothing to replace: watch it</source>
        <translation>Nichts zu tauschen: beobachten</translation>
    </message>
    <message>
        <source>Watched, nothing replaced</source>
        <translation>Beobachtet, nichts getauscht</translation>
    </message>
    <message>
        <source>Run it warm for an hour, ask the owner when it fails, look at the brightness and energy settings and the source.</source>
        <translation>Eine Stunde warm laufen lassen, den Besitzer fragen, wann es ausfällt, Helligkeit, Energiesparen und Signalquelle ansehen.</translation>
    </message>
    <message>
        <source>Nothing is wrong with it now; it was watched while warm. Say when and how it fails next.</source>
        <translation>Jetzt fehlt ihm nichts; es wurde warm beobachtet. Bitte sagen, wann und wie es wieder ausfällt.</translation>
    </message>
    <message>
        <source>Shorted driver MOSFET, which blew the fuse</source>
        <translation>Kurzschluss im Treiber-MOSFET, der die Sicherung auslöste</translation>
    </message>
    <message>
        <source>Shorted output diode, which blew the fuse</source>
        <translation>Kurzschluss der Ausgangsdiode, die die Sicherung auslöste</translation>
    </message>
    <message>
        <source>Shorted output capacitor, which blew the fuse</source>
        <translation>Kurzschluss im Ausgangskondensator, der die Sicherung auslöste</translation>
    </message>
    <message>
        <source>Driver gives up on sound strings</source>
        <translation>Treiber gibt an heilen Strängen auf</translation>
    </message>
    <message>
        <source>Current sense or its resistor</source>
        <translation>Strommessung oder ihr Widerstand</translation>
    </message>
    <message>
        <source>Dead sink</source>
        <translation>Tote Stromsenke</translation>
    </message>
    <message>
        <source>Nothing wrong now</source>
        <translation>Jetzt nichts zu finden</translation>
    </message>
    <message>
        <source>Contact that comes and goes</source>
        <translation>Kontakt, der kommt und geht</translation>
    </message>
    <message>
        <source>BL_ON at the power board, max hold, in the first second after switch-on: later it may be taken back.</source>
        <translation>BL_ON am Netzteil, Max-Hold, in der ersten Sekunde nach dem Einschalten: später wird es vielleicht zurückgenommen.</translation>
    </message>
    <message>
        <source>DIM, brightness up, max hold, in the first second after switch-on. Some are inverted: 0 V is full.</source>
        <translation>DIM, Helligkeit hoch, Max-Hold, in der ersten Sekunde nach dem Einschalten. Manche sind umgekehrt: 0 V ist voll.</translation>
    </message>
    <message>
        <source>LED+ with the set on and the backlight still off; in standby its rail may be off, and 0 V says nothing.</source>
        <translation>LED+ bei eingeschaltetem Gerät, Licht noch aus; im Standby kann die Schiene aus sein, dann sagen 0 V nichts.</translation>
    </message>
    <message>
        <source>Set off, LEDs unplugged; switch on. Afterwards LED+ keeps its over-voltage level: measure it before the plug goes in again, never under power.</source>
        <translation>Gerät aus, LEDs abgesteckt; einschalten. Danach hält LED+ die Überspannung: messen, bevor der Stecker wieder hineingeht, nie unter Spannung.</translation>
    </message>
    <message>
        <source>Return of this channel, max hold, while it is lit: after a trip it floats.</source>
        <translation>Rückleitung dieses Kanals, Max-Hold, solange es leuchtet: nach dem Abschalten schwebt sie.</translation>
    </message>
    <message>
        <source>Their plug out of the board, the tester on it, the set running: a real picture? Look in the first seconds; many sets go down soon.</source>
        <translation>Stecker aus der Platine, Tester daran, Gerät läuft: ein richtiges Bild? In den ersten Sekunden hinsehen; viele Geräte gehen bald aus.</translation>
    </message>
    <message>
        <source>Plug out of the board; tester across the run, plus on its first LED. About 5 V for each LED at most until polarity is known.</source>
        <translation>Stecker aus der Platine; Tester über die Strecke, Plus an die erste LED. Höchstens etwa 5 V je LED, bis die Polung bekannt ist.</translation>
    </message>
    <message>
        <source>Plug out of the board; tester plus on LED+, minus on the bare metal back: it must stay dark at its limit.</source>
        <translation>Stecker aus der Platine; Tester-Plus an LED+, Minus an die blanke Rückwand: an seiner Grenze muss es dunkel bleiben.</translation>
    </message>
    <message>
        <source>The tester gives no more than {:.0f} V.</source>
        <translation>Das Prüfgerät gibt nicht mehr als {:.0f} V.</translation>
    </message>
    <message>
        <source>No set has more than {:.0f} V here: look at the meter&apos;s range.</source>
        <translation>Kein Gerät hat hier mehr als {:.0f} V: Messbereich prüfen.</translation>
    </message>
    <message>
        <source>Failed: LED+ stepped to {:.1f} V at {:.0f} min: a LED that shorts, or a joint.</source>
        <translation>Nicht bestanden: LED+ sprang auf {:.1f} V bei {:.0f} min: eine LED mit Kurzschluss oder eine Lötstelle.</translation>
    </message>
    <message>
        <source>Failed: LED+ drifted {:.1f} % after {:.0f} min.</source>
        <translation>Nicht bestanden: LED+ wanderte um {:.1f} % nach {:.0f} min.</translation>
    </message>
    <message>
        <source>{} Its level is not judged: no current is written down for this brightness.</source>
        <translation>{} Die Höhe ist nicht beurteilt: Für diese Helligkeit ist kein Strom aufgeschrieben.</translation>
    </message>
    <message>
        <source>Outside supply&apos;s volts</source>
        <translation>Spannung des Netzteils außen</translation>
    </message>
    <message>
        <source>DC in</source>
        <translation>DC in</translation>
    </message>
    <message>
        <source>Against its label, at its plug; then again under the set&apos;s load.</source>
        <translation>Gegen sein Etikett, an seinem Stecker; dann noch einmal unter der Last des Geräts.</translation>
    </message>
    <message>
        <source>Replace the outside supply</source>
        <translation>Netzteil außen tauschen</translation>
    </message>
    <message>
        <source>Outside supply replaced</source>
        <translation>Netzteil außen getauscht</translation>
    </message>
    <message>
        <source>The same volts and polarity, amps no fewer; its plug fits without force.</source>
        <translation>Gleiche Spannung und Polung, Strom nicht kleiner; der Stecker passt ohne Gewalt.</translation>
    </message>
    <message>
        <source>The supply beside the set is exchanged; the set itself stays as it is.</source>
        <translation>Das Netzteil neben dem Gerät wird getauscht; das Gerät selbst bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>Adapter</source>
        <translation>Netzteil außen</translation>
    </message>
    <message>
        <source>Inverter</source>
        <translation>Inverter</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>Outside supply</source>
        <translation>Netzteil außen</translation>
    </message>
    <message>
        <source>Limit at {:.0f} V or more, {:.0f} mA: first glow from {:.0f} V on, {:.1f} V when lit.</source>
        <translation>Grenze auf {:.0f} V oder mehr, {:.0f} mA: erstes Glimmen ab {:.0f} V, {:.1f} V im Betrieb.</translation>
    </message>
    <message>
        <source>Mains bulk capacitor</source>
        <translation>Netzelko</translation>
    </message>
    <message>
        <source>LED+ output capacitor</source>
        <translation>Ausgangselko an LED+</translation>
    </message>
    <message>
        <source>Inverter&apos;s supply capacitors</source>
        <translation>Elkos am Inverter</translation>
    </message>
    <message>
        <source>Low rails</source>
        <translation>Kleinspannungen</translation>
    </message>
    <message>
        <source>It cannot reach {:.0f} V.</source>
        <translation>Er kann {:.0f} V nicht erreichen.</translation>
    </message>
    <message>
        <source>Mains or battery is in.</source>
        <translation>Netz oder Akku ist dran.</translation>
    </message>
    <message>
        <source>The set ran since it was measured.</source>
        <translation>Das Gerät lief, seit er gemessen wurde.</translation>
    </message>
    <message>
        <source>The meter was not proven on a known source.</source>
        <translation>Das Messgerät ist nicht an einer bekannten Quelle geprüft.</translation>
    </message>
    <message>
        <source>Measured {:.0f} min ago, and no resistor stays on it.</source>
        <translation>Vor {:.0f} min gemessen, und kein Widerstand bleibt dran.</translation>
    </message>
    <message>
        <source>{:.1f} V were measured.</source>
        <translation>{:.1f} V wurden gemessen.</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>charged</source>
        <translation>geladen</translation>
    </message>
    <message>
        <source>safe to touch</source>
        <translation>berührbar</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>Stack floating outputs only, earth strap off. A diode across each output, cathode to plus, carries the current when one limits before the others. The meters add up. Join and part them at 0 V only.</source>
        <translation>Nur potenzialfreie Ausgänge stapeln, Erdbügel ab. Eine Diode über jedem Ausgang, Kathode an Plus, führt den Strom, wenn einer vor den anderen begrenzt. Die Anzeigen addieren sich. Nur bei 0 V verbinden und trennen.</translation>
    </message>
    <message>
        <source>Where 2 mA cannot be set: 4.7 kΩ in series until the polarity is proven. After switch-off the outputs stay charged and the panel glows on: turn to 0 V, wait, measure, then unclip. Panel and T-con mind static: touch the chassis first.</source>
        <translation>Wo sich 2 mA nicht einstellen lassen: 4,7 kΩ in Reihe, bis die Polung feststeht. Nach dem Ausschalten bleiben die Ausgänge geladen und das Panel glimmt nach: auf 0 V drehen, warten, messen, dann abklemmen. Panel und T-Con vertragen keine statische Ladung: zuerst das Chassis berühren.</translation>
    </message>
    <message>
        <source>{} at {:.1f} V where {:.0f} to {:.0f} V were expected: {}.</source>
        <translation>{} bei {:.1f} V, wo {:.0f} bis {:.0f} V erwartet waren: {}.</translation>
    </message>
    <message>
        <source>Live: mains and about 325 V DC on the primary side. {}. Know the isolation line, one hand, rated leads: black to the hot minus for hot readings, to the chassis for cold ones, no earthed scope on the hot side. Mains out, discharge and measure again before you touch. For trained people; follow local codes.</source>
        <translation>Unter Spannung: Netz und etwa 325 V DC auf der Primärseite. {}. Trennlinie kennen, eine Hand, geeignete Leitungen: Schwarz an das heiße Minus für heiße Messungen, an das Chassis für kalte, kein geerdetes Oszilloskop auf der heißen Seite. Netz ab, entladen und nachmessen, bevor Sie etwas berühren. Für geschulte Leute; örtliche Vorschriften beachten.</translation>
    </message>
    <message>
        <source>Cheapest parts, most minutes; the old LEDs around it stay. Draw off flux fume; adhesive vapour clouds lenses.</source>
        <translation>Billigste Teile, meiste Minuten; die alten LEDs ringsum bleiben. Lötrauch absaugen; Klebstoffdampf trübt Linsen.</translation>
    </message>
    <message>
        <source>Replace the driver board</source>
        <translation>Treiberplatine tauschen</translation>
    </message>
    <message>
        <source>Driver board replaced</source>
        <translation>Treiberplatine getauscht</translation>
    </message>
    <message>
        <source>Of the same panel: its current is set for these strips.</source>
        <translation>Vom selben Panel: Ihr Strom ist für diese Leisten eingestellt.</translation>
    </message>
    <message>
        <source>The board that feeds the light is exchanged whole.</source>
        <translation>Die Platine, die das Licht speist, wird ganz getauscht.</translation>
    </message>
    <message>
        <source>Separate driver board</source>
        <translation>Eigene Treiberplatine</translation>
    </message>
    <message>
        <source>Driver board</source>
        <translation>Treiberplatine</translation>
    </message>
    <message>
        <source>Inverter board</source>
        <translation>Inverterplatine</translation>
    </message>
    <message>
        <source>One board for all</source>
        <translation>Eine Platine für alles</translation>
    </message>
    <message>
        <source>Driver on the panel, battery</source>
        <translation>Treiber am Panel, Akku</translation>
    </message>
    <message>
        <source>Battery and rails</source>
        <translation>Akku und Spannungen</translation>
    </message>
    <message>
        <source>Driver on the panel</source>
        <translation>Treiber am Panel</translation>
    </message>
    <message>
        <source>LED+, max hold in a manual range, as autorange misses the peak; then switch on.</source>
        <translation>LED+, Max. halten im festen Bereich, denn die Automatik verpasst die Spitze; dann einschalten.</translation>
    </message>
    <message>
        <source>Set off and empty, never under power: every plug of the path out and in again.</source>
        <translation>Gerät aus und entladen, nie unter Spannung: jeden Stecker des Wegs ab und wieder auf.</translation>
    </message>
    <message>
        <source>Nobody has measured it since the mains went out.</source>
        <translation>Niemand hat ihn gemessen, seit das Netz ab ist.</translation>
    </message>
    <message>
        <source>Nobody knows when it was measured, and no resistor stays on it.</source>
        <translation>Niemand weiß, wann er gemessen wurde, und kein Widerstand bleibt dran.</translation>
    </message>
    <message>
        <source>Replace the lamps</source>
        <translation>Lampen tauschen</translation>
    </message>
    <message>
        <source>Lamps replaced</source>
        <translation>Lampen getauscht</translation>
    </message>
    <message>
        <source>All of them: they are as old as each other. They hold mercury: do not break them, take the old ones out as hazardous waste.</source>
        <translation>Alle: Sie sind gleich alt. Sie enthalten Quecksilber: nicht zerbrechen, die alten als Sondermüll entsorgen.</translation>
    </message>
    <message>
        <source>The lamps behind the picture are renewed.</source>
        <translation>Die Lampen hinter dem Bild werden erneuert.</translation>
    </message>
    <message>
        <source>is beyond the last residual</source>
        <translation>liegt hinter der letzten Restspannung</translation>
    </message>
    <message>
        <source>Inverter&apos;s supply</source>
        <translation>Speisung des Inverters</translation>
    </message>
    <message>
        <source>At its input capacitor, in the first second of light, max hold: against its label.</source>
        <translation>An seinem Eingangskondensator, in der ersten Sekunde mit Licht, Max-Hold: gegen den Aufdruck.</translation>
    </message>
    <message>
        <source>Inverter fuse</source>
        <translation>Sicherung des Inverters</translation>
    </message>
    <message>
        <source>Ohms across it, set unplugged. What blew it is found before it is replaced.</source>
        <translation>Ohm über ihr, Gerät ausgesteckt. Was sie ausgelöst hat, wird gefunden, bevor sie ersetzt wird.</translation>
    </message>
    <message>
        <source>Inverter electrolytic</source>
        <translation>Elko des Inverters</translation>
    </message>
    <message>
        <source>µF and ESR; set unplugged and discharged.</source>
        <translation>µF und ESR; Gerät ausgesteckt und entladen.</translation>
    </message>
    <message>
        <source>Inverter MOSFET</source>
        <translation>MOSFET des Inverters</translation>
    </message>
    <message>
        <source>Inverter transformer</source>
        <translation>Inverter-Trafo</translation>
    </message>
    <message>
        <source>Ohms of its secondary against its twin; a ring test only out of circuit: a gapped core rings low when sound, the twin decides.</source>
        <translation>Ohm der Sekundärwicklung gegen den Zwilling; Ringtest nur ausgelötet: Ein Kern mit Luftspalt ringt auch gesund wenig, der Zwilling entscheidet.</translation>
    </message>
    <message>
        <source>Inverter film capacitor</source>
        <translation>Folienkondensator des Inverters</translation>
    </message>
    <message>
        <source>nF out of circuit against its marking; a tenth low shifts the resonance.</source>
        <translation>nF ausgelötet gegen den Aufdruck; ein Zehntel zu wenig verschiebt die Resonanz.</translation>
    </message>
    <message>
        <source>Inverter IC&apos;s supply</source>
        <translation>Speisung des Inverter-ICs</translation>
    </message>
    <message>
        <source>Supply pin of the controller, backlight asked for.</source>
        <translation>Speisepin des Reglers, Licht angefordert.</translation>
    </message>
    <message>
        <source>Inverter IC&apos;s enable</source>
        <translation>Freigabe des Inverter-ICs</translation>
    </message>
    <message>
        <source>Enable pin of the controller, set on.</source>
        <translation>Freigabepin des Reglers, Gerät an.</translation>
    </message>
    <message>
        <source>Lamp sense resistor</source>
        <translation>Messwiderstand der Lampe</translation>
    </message>
    <message>
        <source>Ohms against its marking and its twins.</source>
        <translation>Ohm gegen Aufdruck und Zwillinge.</translation>
    </message>
    <message>
        <source>Solder the joint anew</source>
        <translation>Lötstelle erneuern</translation>
    </message>
    <message>
        <source>Lamp joint soldered anew</source>
        <translation>Lötstelle der Lampe erneuert</translation>
    </message>
    <message>
        <source>Refit the silicone boot: shrink sleeve is no high-voltage insulation. Mind the glass seal; the twin joints are as hot, look at them too.</source>
        <translation>Silikonkappe wieder aufsetzen: Schrumpfschlauch ist keine Hochspannungsisolierung. Auf die Glasdurchführung achten; die Nachbarstellen werden genauso heiß, auch sie ansehen.</translation>
    </message>
    <message>
        <source>A burnt joint at a lamp is soldered anew and insulated.</source>
        <translation>Eine verbrannte Lötstelle an einer Lampe wird erneuert und isoliert.</translation>
    </message>
    <message>
        <source>Replace the lamp</source>
        <translation>Lampe ersetzen</translation>
    </message>
    <message>
        <source>Lamp replaced</source>
        <translation>Lampe ersetzt</translation>
    </message>
    <message>
        <source>One new lamp among old ones is brighter and whiter. It holds mercury: do not break it; the old one goes out as hazardous waste.</source>
        <translation>Eine neue Lampe unter alten ist heller und weißer. Sie enthält Quecksilber: nicht zerbrechen; die alte ist Sondermüll.</translation>
    </message>
    <message>
        <source>The lamp that failed behind the picture is renewed.</source>
        <translation>Die ausgefallene Lampe hinter dem Bild wird erneuert.</translation>
    </message>
    <message>
        <source>Lamp worn</source>
        <translation>Lampe verbraucht</translation>
    </message>
    <message>
        <source>Lamp broken</source>
        <translation>Lampe gebrochen</translation>
    </message>
    <message>
        <source>Burnt joint at a lamp</source>
        <translation>Verbrannte Lötstelle an einer Lampe</translation>
    </message>
    <message>
        <source>Lamp plug or its wire</source>
        <translation>Lampenstecker oder seine Leitung</translation>
    </message>
    <message>
        <source>Inverter drive stage, with the fuse that it blew</source>
        <translation>Treiberstufe des Inverters samt der Sicherung, die sie auslöste</translation>
    </message>
    <message>
        <source>Drive MOSFETs, which blew the fuse</source>
        <translation>Treiber-MOSFETs, die die Sicherung auslösten</translation>
    </message>
    <message>
        <source>Inverter fuse alone</source>
        <translation>Nur die Sicherung des Inverters</translation>
    </message>
    <message>
        <source>Film capacitor of the inverter</source>
        <translation>Folienkondensator im Inverter</translation>
    </message>
    <message>
        <source>Film capacitor</source>
        <translation>Folienkondensator</translation>
    </message>
    <message>
        <source>Inverter electrolytics</source>
        <translation>Elkos des Inverters</translation>
    </message>
    <message>
        <source>Inverter trips on sound lamps: its sense parts</source>
        <translation>Inverter löst bei heilen Lampen aus: seine Messteile</translation>
    </message>
    <message>
        <source>Diode, capacitor or chip of the sensing</source>
        <translation>Diode, Kondensator oder Chip der Messung</translation>
    </message>
    <message>
        <source>Inverter controller</source>
        <translation>Regler-IC des Inverters</translation>
    </message>
    <message>
        <source>Inverter without its supply</source>
        <translation>Inverter ohne Speisung</translation>
    </message>
    <message>
        <source>Dummy lamp</source>
        <translation>Ersatzlast für eine Lampe</translation>
    </message>
    <message>
        <source>Known-good lamp</source>
        <translation>Lampe, die sicher geht</translation>
    </message>
    <message>
        <source>Which lamp fades first</source>
        <translation>Welche Lampe zuerst schwächer wird</translation>
    </message>
    <message>
        <source>In the seconds before it goes dark: a phone video of the screen, or of the edge through the vents.</source>
        <translation>In den Sekunden, bevor es dunkel wird: ein Handyvideo vom Bild oder durch die Schlitze auf den Rand.</translation>
    </message>
    <message>
        <source>all together</source>
        <translation>alle zugleich</translation>
    </message>
    <message>
        <source>the top one</source>
        <translation>die oberste</translation>
    </message>
    <message>
        <source>the bottom one</source>
        <translation>die unterste</translation>
    </message>
    <message>
        <source>another one</source>
        <translation>eine andere</translation>
    </message>
    <message>
        <source>a half</source>
        <translation>eine Hälfte</translation>
    </message>
    <message>
        <source>not to be seen</source>
        <translation>nicht zu sehen</translation>
    </message>
    <message>
        <source>Longer once it is warm</source>
        <translation>Warm länger Licht</translation>
    </message>
    <message>
        <source>Off and on a few times: does the light last longer, or shorter, than at the first?</source>
        <translation>Ein paarmal aus und an: Hält das Licht länger oder kürzer als beim ersten Mal?</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>Hum with the inverter unplugged</source>
        <translation>Brummen bei ausgestecktem Inverter</translation>
    </message>
    <message>
        <source>Hum</source>
        <translation>Brummen</translation>
    </message>
    <message>
        <source>Mains out, the inverter&apos;s supply unplugged, then on again: is the hum still there?</source>
        <translation>Netz aus, Speisung des Inverters ausgesteckt, dann wieder an: Brummt es noch?</translation>
    </message>
    <message>
        <source>it never hummed</source>
        <translation>es brummte nie</translation>
    </message>
    <message>
        <source>it is gone</source>
        <translation>es ist weg</translation>
    </message>
    <message>
        <source>it stays</source>
        <translation>es bleibt</translation>
    </message>
    <message>
        <source>Arcing, seen or heard</source>
        <translation>Überschläge, gesehen oder gehört</translation>
    </message>
    <message>
        <source>Arcing</source>
        <translation>Überschlag</translation>
    </message>
    <message>
        <source>Dark room, from arm&apos;s length, hands off: a blue spot, a hiss, a smell. Kilovolts jump: distance protects, not one hand.</source>
        <translation>Dunkler Raum, auf Armlänge, Hände weg: ein blauer Punkt, ein Zischen, ein Geruch. Kilovolt springen über: Abstand schützt, nicht eine Hand.</translation>
    </message>
    <message>
        <source>at the inverter</source>
        <translation>am Inverter</translation>
    </message>
    <message>
        <source>at a lamp&apos;s end</source>
        <translation>an einem Lampenende</translation>
    </message>
    <message>
        <source>Lamp plugs swapped</source>
        <translation>Lampenstecker getauscht</translation>
    </message>
    <message>
        <source>Mains out, charge measured: two lamp plugs of one half change places. Which lamp is dark now? Never between halves that run in antiphase.</source>
        <translation>Netz aus, Ladung gemessen: Zwei Lampenstecker einer Hälfte tauschen den Platz. Welche Lampe ist jetzt dunkel? Nie zwischen Hälften, die gegenphasig laufen.</translation>
    </message>
    <message>
        <source>the same lamp: it goes with the plug</source>
        <translation>dieselbe Lampe: Es geht mit dem Stecker</translation>
    </message>
    <message>
        <source>another lamp: it is the output</source>
        <translation>eine andere Lampe: Es ist der Ausgang</translation>
    </message>
    <message>
        <source>not to be told</source>
        <translation>nicht zu sagen</translation>
    </message>
    <message>
        <source>Outputs compared</source>
        <translation>Ausgänge verglichen</translation>
    </message>
    <message>
        <source>Outputs</source>
        <translation>Ausgänge</translation>
    </message>
    <message>
        <source>A probe tip held near each output&apos;s wire, insulated, never on it; a meter on it is destroyed. Alike, or one weaker?</source>
        <translation>Eine Prüfspitze isoliert nahe an jede Ausgangsleitung gehalten, nie daran; ein Messgerät daran geht kaputt. Gleich, oder eine schwächer?</translation>
    </message>
    <message>
        <source>all alike</source>
        <translation>alle gleich</translation>
    </message>
    <message>
        <source>one is weaker</source>
        <translation>einer ist schwächer</translation>
    </message>
    <message>
        <source>a half is weaker</source>
        <translation>eine Hälfte ist schwächer</translation>
    </message>
    <message>
        <source>nothing at all</source>
        <translation>gar nichts</translation>
    </message>
    <message>
        <source>Sense nodes of the lamps</source>
        <translation>Messpunkte der Lampen</translation>
    </message>
    <message>
        <source>Sense</source>
        <translation>Messpunkte</translation>
    </message>
    <message>
        <source>DC volts of each lamp&apos;s sense node on the cold side, against its twins, in the seconds of light. Never on an output.</source>
        <translation>Gleichspannung am Messpunkt jeder Lampe auf der kalten Seite, gegen die Nachbarn, in den Sekunden mit Licht. Nie an einem Ausgang.</translation>
    </message>
    <message>
        <source>one is off</source>
        <translation>einer weicht ab</translation>
    </message>
    <message>
        <source>a half is off</source>
        <translation>eine Hälfte weicht ab</translation>
    </message>
    <message>
        <source>all at zero</source>
        <translation>alle bei null</translation>
    </message>
    <message>
        <source>Dummy lamp on the suspect output</source>
        <translation>Ersatzlast am verdächtigen Ausgang</translation>
    </message>
    <message>
        <source>A resistor chain that is rated for its volts in the lamp&apos;s place, mains out meanwhile: does the protection stay quiet? No output runs open for more than a second or two.</source>
        <translation>Eine Widerstandskette, die für die Spannung ausgelegt ist, an Stelle der Lampe, Netz dabei aus: Bleibt der Schutz still? Kein Ausgang läuft länger als ein, zwei Sekunden offen.</translation>
    </message>
    <message>
        <source>it stays on</source>
        <translation>es bleibt an</translation>
    </message>
    <message>
        <source>it trips as before</source>
        <translation>es löst aus wie zuvor</translation>
    </message>
    <message>
        <source>no light at all</source>
        <translation>gar kein Licht</translation>
    </message>
    <message>
        <source>Ends of the lamps</source>
        <translation>Lampenenden</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>Panel open, or from its side: ends black, glowing orange, soot at a joint?</source>
        <translation>Panel offen oder von der Seite: Enden schwarz, orange glühend, Ruß an einer Lötstelle?</translation>
    </message>
    <message>
        <source>black ends</source>
        <translation>schwarze Enden</translation>
    </message>
    <message>
        <source>orange glow, or a burnt joint</source>
        <translation>orange Glut oder verbrannte Lötstelle</translation>
    </message>
    <message>
        <source>A known-good lamp in its place</source>
        <translation>Eine sicher gute Lampe an ihrer Stelle</translation>
    </message>
    <message>
        <source>Lamp swapped</source>
        <translation>Lampe getauscht</translation>
    </message>
    <message>
        <source>Mains out, charge measured, glass not to be broken: a lamp that is known to run, of about its length.</source>
        <translation>Netz aus, Ladung gemessen, Glas nicht zerbrechen: eine Lampe, die sicher läuft, von etwa ihrer Länge.</translation>
    </message>
    <message>
        <source>it stays lit</source>
        <translation>es bleibt hell</translation>
    </message>
    <message>
        <source>The lamp&apos;s joint soldered anew</source>
        <translation>Lötstelle der Lampe erneuert</translation>
    </message>
    <message>
        <source>Joint</source>
        <translation>Lötstelle</translation>
    </message>
    <message>
        <source>Mains out, charge measured: the wire soldered anew at the lamp&apos;s end, the boot refitted, the glass seal minded.</source>
        <translation>Netz aus, Ladung gemessen: Leitung am Lampenende neu verlötet, Kappe wieder aufgesetzt, auf die Glasdurchführung geachtet.</translation>
    </message>
    <message>
        <source>makes another number of lamps</source>
        <translation>ergibt eine andere Zahl von Lampen</translation>
    </message>
    <message>
        <source>is not understood; write 4 lamps 2 × 2, 410 mm, 2.4 mm bore, 12 V</source>
        <translation>wird nicht verstanden; schreiben Sie 4 Lampen 2 × 2, 410 mm, 2,4 mm innen, 12 V</translation>
    </message>
    <message>
        <source>does not say how many lamps there are</source>
        <translation>sagt nicht, wie viele Lampen es sind</translation>
    </message>
    <message>
        <source>an odd number does not stand at two edges</source>
        <translation>eine ungerade Zahl steht nicht an zwei Rändern</translation>
    </message>
    <message>
        <source>Kilovolts at 30 to 80 kHz on the lamps&apos; outputs: distance protects, not one hand. Never a meter on an output, none of them open for more than a second or two.</source>
        <translation>Kilovolt bei 30 bis 80 kHz an den Lampenausgängen: Abstand schützt, nicht eine Hand. Nie ein Messgerät an einen Ausgang, keiner länger als ein, zwei Sekunden offen.</translation>
    </message>
    <message>
        <source>Live: mains and about 325 V DC on the primary side.</source>
        <translation>Unter Spannung: Netz und etwa 325 V DC auf der Primärseite.</translation>
    </message>
    <message>
        <source>Live: the set makes kilovolts of its low voltage.</source>
        <translation>Unter Spannung: Das Gerät macht aus seiner Kleinspannung Kilovolt.</translation>
    </message>
    <message>
        <source>The inverter runs from the rectified mains: its drive stage is hot.</source>
        <translation>Der Inverter läuft am gleichgerichteten Netz: Seine Treiberstufe ist heiß.</translation>
    </message>
    <message>
        <source>Black to the hot minus for hot readings, to the chassis for cold ones.</source>
        <translation>Schwarz bei heißen Messungen an den heißen Minus, bei kalten ans Chassis.</translation>
    </message>
    <message>
        <source>Driven from both ends: no end is cold, and no plugs change places between the halves.</source>
        <translation>Von beiden Enden gespeist: Kein Ende ist kalt, und zwischen den Hälften wird kein Stecker getauscht.</translation>
    </message>
    <message>
        <source>The far end of a lamp is cold; the plug&apos;s end is not.</source>
        <translation>Das ferne Ende einer Lampe ist kalt, das am Stecker nicht.</translation>
    </message>
    <message>
        <source>Lamps hold mercury: do not break them.</source>
        <translation>Lampen enthalten Quecksilber: nicht zerbrechen.</translation>
    </message>
    <message>
        <source>{} {} {} Discharge and measure again before you touch. For trained people; follow local codes.</source>
        <translation>{} {} {} Vor dem Anfassen entladen und noch einmal messen. Für Fachkundige; örtliche Vorschriften beachten.</translation>
    </message>
    <message>
        <source>{} {} Close what you can before the soak.</source>
        <translation>{} {} Vor dem Dauerlauf schließen, was geht.</translation>
    </message>
    <message>
        <source>A film short: {}.</source>
        <translation>Eine Folie fehlt: {}.</translation>
    </message>
    <message>
        <source>Not counted in: {}.</source>
        <translation>Nicht eingezählt: {}.</translation>
    </message>
    <message>
        <source>{} × {} left over: last used at {}.</source>
        <translation>{} × {} übrig: zuletzt gebraucht: {}.</translation>
    </message>
    <message>
        <source>{} × {} not counted in: {}.</source>
        <translation>{} × {} nicht eingezählt: {}.</translation>
    </message>
    <message>
        <source>Still off: {}.</source>
        <translation>Noch ab: {}.</translation>
    </message>
    <message>
        <source>Came out wrong: {}.</source>
        <translation>Nicht in Ordnung: {}.</translation>
    </message>
    <message>
        <source>Not looked at: {}.</source>
        <translation>Nicht angesehen: {}.</translation>
    </message>
    <message>
        <source>does not say how many</source>
        <translation>sagt nicht, wie viele</translation>
    </message>
    <message>
        <source>is no name for a layer</source>
        <translation>ist kein Name für eine Lage</translation>
    </message>
    <message>
        <source>is not understood; write back: 14 × M3×8 edge, 2 clips top</source>
        <translation>ist nicht verständlich; Rückwand: 14 × M3×8 Rand, 2 Klammern oben</translation>
    </message>
    <message>
        <source>names nothing that comes off</source>
        <translation>nennt nichts, was abkommt</translation>
    </message>
    <message>
        <source>back</source>
        <translation>Rückwand</translation>
    </message>
    <message>
        <source>boards</source>
        <translation>Platinen</translation>
    </message>
    <message>
        <source>brackets</source>
        <translation>Halter</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>films</source>
        <translation>Folien</translation>
    </message>
    <message>
        <source>diffuser</source>
        <translation>Diffusor</translation>
    </message>
    <message>
        <source>light guide</source>
        <translation>Lichtleiter</translation>
    </message>
    <message>
        <source>reflector</source>
        <translation>Reflektor</translation>
    </message>
    <message>
        <source>strips</source>
        <translation>Leisten</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>etwas anderes</translation>
    </message>
    <message>
        <source>screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>nuts</source>
        <translation>Muttern</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Klammern</translation>
    </message>
    <message>
        <source>levers</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>Stifte</translation>
    </message>
    <message>
        <source>foils</source>
        <translation>Massefolien</translation>
    </message>
    <message>
        <source>tapes</source>
        <translation>Klebebänder</translation>
    </message>
    <message>
        <source>flat cables</source>
        <translation>Flachkabel</translation>
    </message>
    <message>
        <source>plugs</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>lose</translation>
    </message>
    <message>
        <source>around the edge</source>
        <translation>rund um den Rand</translation>
    </message>
    <message>
        <source>upper edge</source>
        <translation>oberer Rand</translation>
    </message>
    <message>
        <source>lower edge</source>
        <translation>unterer Rand</translation>
    </message>
    <message>
        <source>left edge</source>
        <translation>linker Rand</translation>
    </message>
    <message>
        <source>right edge</source>
        <translation>rechter Rand</translation>
    </message>
    <message>
        <source>in the corners</source>
        <translation>in den Ecken</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>at the stand</source>
        <translation>am Standfuß</translation>
    </message>
    <message>
        <source>under a board</source>
        <translation>unter einer Platine</translation>
    </message>
    <message>
        <source>notch top left</source>
        <translation>Kerbe oben links</translation>
    </message>
    <message>
        <source>notch top right</source>
        <translation>Kerbe oben rechts</translation>
    </message>
    <message>
        <source>notch bottom left</source>
        <translation>Kerbe unten links</translation>
    </message>
    <message>
        <source>notch bottom right</source>
        <translation>Kerbe unten rechts</translation>
    </message>
    <message>
        <source>dull side up</source>
        <translation>matte Seite oben</translation>
    </message>
    <message>
        <source>dull side down</source>
        <translation>matte Seite unten</translation>
    </message>
    <message>
        <source>both sides alike</source>
        <translation>beide Seiten gleich</translation>
    </message>
    <message>
        <source>lines across</source>
        <translation>Linien quer</translation>
    </message>
    <message>
        <source>lines along</source>
        <translation>Linien längs</translation>
    </message>
    <message>
        <source>more came without or broke than there are places</source>
        <translation>es fehlten oder brachen mehr, als es Plätze gibt</translation>
    </message>
    <message>
        <source>{} is not below the next one, {}</source>
        <translation>{} liegt nicht unter der nächsten, {}</translation>
    </message>
    <message>
        <source>is no name of a picture</source>
        <translation>ist kein Name eines Bildes</translation>
    </message>
    <message>
        <source>Iron, hot plate and hot air burn; draw off flux fume. Vapour of fresh glue clouds lenses. Bright blue-rich light: dim it, or look through the diffuser.</source>
        <translation>Lötkolben, Heizplatte und Heißluft verbrennen; Flussmitteldampf absaugen. Dampf von frischem Kleber trübt Linsen. Helles blaureiches Licht: dimmen oder durch den Diffusor sehen.</translation>
    </message>
    <message>
        <source>Glass up and out</source>
        <translation>Glas nach vorn heraus</translation>
    </message>
    <message>
        <source>Frame off, glass on a rigid sheet, films out as one stack. The flat cables at its edge are bonded: the boards fold up with it, never a twist.</source>
        <translation>Rahmen ab, Glas auf eine steife Platte, Folien als ein Stapel heraus. Die Flachkabel am Rand sind verklebt: die Platinen klappen mit hoch, nie verdrehen.</translation>
    </message>
    <message>
        <source>two people or suction cups</source>
        <translation>zwei Leute oder Saugnäpfe</translation>
    </message>
    <message>
        <source>a rigid sheet as large as the glass</source>
        <translation>eine steife Platte, so groß wie das Glas</translation>
    </message>
    <message>
        <source>thin cards for under its edge</source>
        <translation>dünne Karten für unter den Rand</translation>
    </message>
    <message>
        <source>tape for the boards that fold up with it</source>
        <translation>Klebeband für die Platinen, die mit hochklappen</translation>
    </message>
    <message>
        <source>Light box off the glass</source>
        <translation>Lichtkasten vom Glas</translation>
    </message>
    <message>
        <source>Glass down on a soft table, the light box lifted off from behind. The films stay with the glass, in their order.</source>
        <translation>Glas nach unten auf einen weichen Tisch, den Lichtkasten von hinten abheben. Die Folien bleiben beim Glas, in ihrer Ordnung.</translation>
    </message>
    <message>
        <source>a flat table with a soft cloth</source>
        <translation>einen ebenen Tisch mit weichem Tuch</translation>
    </message>
    <message>
        <source>a mirror that shows front and back at once</source>
        <translation>einen Spiegel, der Vorder- und Rückseite zugleich zeigt</translation>
    </message>
    <message>
        <source>cards against films that slide</source>
        <translation>Karten gegen rutschende Folien</translation>
    </message>
    <message>
        <source>Glass cut free of its glue</source>
        <translation>Glas aus dem Kleber geschnitten</translation>
    </message>
    <message>
        <source>Warm the edge evenly, cut the adhesive with a thin card, never with steel. Slowly: the glass bends before it breaks.</source>
        <translation>Den Rand gleichmäßig erwärmen, die Klebung mit einer dünnen Karte schneiden, nie mit Stahl. Langsam: das Glas biegt sich, ehe es bricht.</translation>
    </message>
    <message>
        <source>warmth for the glue, 60 °C at most</source>
        <translation>Wärme für den Kleber, höchstens 60 °C</translation>
    </message>
    <message>
        <source>thin plastic cards</source>
        <translation>dünne Kunststoffkarten</translation>
    </message>
    <message>
        <source>gloves and glasses</source>
        <translation>Handschuhe und Brille</translation>
    </message>
    <message>
        <source>new tape for closing</source>
        <translation>neues Klebeband zum Schließen</translation>
    </message>
    <message>
        <source>Panel module out as a whole</source>
        <translation>Panelmodul im Ganzen heraus</translation>
    </message>
    <message>
        <source>Screen module out of its frame, glass and films stay together; only its edge is opened.</source>
        <translation>Das Modul aus dem Rahmen, Glas und Folien bleiben beisammen; nur sein Rand wird geöffnet.</translation>
    </message>
    <message>
        <source>a clean soft surface</source>
        <translation>eine saubere weiche Fläche</translation>
    </message>
    <message>
        <source>a thin blade of plastic</source>
        <translation>eine dünne Klinge aus Kunststoff</translation>
    </message>
    <message>
        <source>antistatic strap</source>
        <translation>ein Antistatikband</translation>
    </message>
    <message>
        <source>Strips behind the picture</source>
        <translation>Leisten hinter dem Bild</translation>
    </message>
    <message>
        <source>Strips at the edge</source>
        <translation>Leisten am Rand</translation>
    </message>
    <message>
        <source>Each strip lit on its own</source>
        <translation>Jede Leiste leuchtet für sich</translation>
    </message>
    <message>
        <source>All strips lit at once, evenly</source>
        <translation>Alle Leisten leuchten zugleich, gleichmäßig</translation>
    </message>
    <message>
        <source>All lamps lit, from a distance</source>
        <translation>Alle Lampen leuchten, aus Abstand</translation>
    </message>
    <message>
        <source>No dust, no thread between the films</source>
        <translation>Kein Staub, kein Faden zwischen den Folien</translation>
    </message>
    <message>
        <source>Light and picture with the glass on</source>
        <translation>Licht und Bild mit Glas</translation>
    </message>
    <message>
        <source>Lit once more before the back</source>
        <translation>Noch einmal leuchten vor der Rückwand</translation>
    </message>
    <message>
        <source>On its wall or stand: nothing rattles, nothing presses on the glass</source>
        <translation>An der Wand oder auf dem Fuß: nichts klappert, nichts drückt aufs Glas</translation>
    </message>
    <message>
        <source>Mark the LED on its strip, and which pad is plus</source>
        <translation>LED auf der Leiste markieren, und welches Pad Plus ist</translation>
    </message>
    <message>
        <source>Lens off: warm it, turn it, keep it clean</source>
        <translation>Linse ab: erwärmen, drehen, sauber halten</translation>
    </message>
    <message>
        <source>Heat from below, or air; wait for the flow, never lever</source>
        <translation>Wärme von unten oder Heißluft; warten, bis es fließt, nie hebeln</translation>
    </message>
    <message>
        <source>A torn pad is a lost strip. Hot plate; draw off flux fume.</source>
        <translation>Ein abgerissenes Pad ist eine verlorene Leiste. Heizplatte; Flussmitteldampf absaugen.</translation>
    </message>
    <message>
        <source>Pads clean, fresh flux and solder, no bridge</source>
        <translation>Pads sauber, frisches Flussmittel und Lot, keine Brücke</translation>
    </message>
    <message>
        <source>New LED of the same volts, size and pads, its plus on the plus pad</source>
        <translation>Neue LED mit gleichen Volt, Maßen und Pads, ihr Plus auf dem Pluspad</translation>
    </message>
    <message>
        <source>Polarity at low current, before the lens</source>
        <translation>Polung bei kleinem Strom, vor der Linse</translation>
    </message>
    <message>
        <source>Start at about 5 V per LED until polarity is known.</source>
        <translation>Bei etwa 5 V je LED beginnen, bis die Polung bekannt ist.</translation>
    </message>
    <message>
        <source>volts at low current</source>
        <translation>Volt bei kleinem Strom</translation>
    </message>
    <message>
        <source>Pulled at: the joint holds</source>
        <translation>Daran gezogen: die Lötstelle hält</translation>
    </message>
    <message>
        <source>Lens centred, a little glue, cured in the open</source>
        <translation>Linse mittig, wenig Kleber, offen ausgehärtet</translation>
    </message>
    <message>
        <source>Vapour of fresh glue clouds lenses: leave it open until it is hard.</source>
        <translation>Dampf von frischem Kleber trübt Linsen: offen lassen, bis er hart ist.</translation>
    </message>
    <message>
        <source>Pads bridged where the LED was</source>
        <translation>Pads gebrückt, wo die LED war</translation>
    </message>
    <message>
        <source>It costs the lens and a dark spot: only until the strips are renewed.</source>
        <translation>Das kostet die Linse und macht einen dunklen Fleck: nur bis die Leisten erneuert werden.</translation>
    </message>
    <message>
        <source>Mask ground off where a wire goes onto a plus bus</source>
        <translation>Lack abgeschliffen, wo ein Draht auf die Plusbahn kommt</translation>
    </message>
    <message>
        <source>New strip laid beside the old one: count, places, plug, polarity, volts</source>
        <translation>Neue Leiste neben die alte gelegt: Anzahl, Plätze, Stecker, Polung, Volt</translation>
    </message>
    <message>
        <source>A lens of another type never fits.</source>
        <translation>Eine Linse anderer Art passt nie.</translation>
    </message>
    <message>
        <source>Old strip off: screws or pins out, adhesive warmed, the chassis cleaned</source>
        <translation>Alte Leiste ab: Schrauben oder Stifte heraus, Klebung erwärmt, Blech gereinigt</translation>
    </message>
    <message>
        <source>New strip flush on the chassis, screws and pins back</source>
        <translation>Neue Leiste plan auf dem Blech, Schrauben und Stifte zurück</translation>
    </message>
    <message>
        <source>The strip lit on its own before its plug goes in</source>
        <translation>Die Leiste leuchtet für sich, bevor ihr Stecker hineinkommt</translation>
    </message>
    <message>
        <source>The tester&apos;s limit above the strip&apos;s volts, its current below the rated one.</source>
        <translation>Grenze des Testers über der Spannung der Leiste, sein Strom unter dem Nennstrom.</translation>
    </message>
    <message>
        <source>volts of the strip</source>
        <translation>Volt der Leiste</translation>
    </message>
    <message>
        <source>Plugs in their order, wires tinned and taped flat</source>
        <translation>Stecker in ihrer Ordnung, Drähte verzinnt und flach verklebt</translation>
    </message>
    <message>
        <source>Strip flush on the chassis, wires tinned and taped flat</source>
        <translation>Leiste plan auf dem Blech, Drähte verzinnt und flach verklebt</translation>
    </message>
    <message>
        <source>Marks left in the set: the date, a cross at each bad LED</source>
        <translation>Zeichen im Gerät: das Datum, ein Kreuz an jeder schlechten LED</translation>
    </message>
    <message>
        <source>Stored charge measured on every rail</source>
        <translation>Restladung auf jeder Schiene gemessen</translation>
    </message>
    <message>
        <source>Ohms, diode and ESR from 2 V down; the resistor stays on.</source>
        <translation>Ohm, Diode und ESR ab 2 V; der Widerstand bleibt dran.</translation>
    </message>
    <message>
        <source>highest of them</source>
        <translation>höchste davon</translation>
    </message>
    <message>
        <source>What blew the part is found</source>
        <translation>Was das Teil zerstört hat, ist gefunden</translation>
    </message>
    <message>
        <source>A fuse never blows by itself: bridge, switch, varistor, capacitors behind it.</source>
        <translation>Eine Sicherung geht nie von selbst: Gleichrichter, Schalter, Varistor, Elkos dahinter.</translation>
    </message>
    <message>
        <source>Part out; its polarity noted by the can and by the print</source>
        <translation>Teil heraus; Polung nach Becher und Aufdruck notiert</translation>
    </message>
    <message>
        <source>Parts of the same row and age renewed with it</source>
        <translation>Teile derselben Reihe und desselben Alters mit erneuert</translation>
    </message>
    <message>
        <source>New part in: same value, equal or higher volts, polarity checked twice</source>
        <translation>Neues Teil hinein: gleicher Wert, gleiche oder höhere Spannung, Polung zweimal geprüft</translation>
    </message>
    <message>
        <source>First power through a series lamp or a current limit</source>
        <translation>Erster Strom über Vorschaltlampe oder Strombegrenzung</translation>
    </message>
    <message>
        <source>Live: hands off, one hand for the probe. For trained people; follow local codes.</source>
        <translation>Unter Spannung: Hände weg, eine Hand für die Prüfspitze. Für Geschulte; örtliche Vorschriften beachten.</translation>
    </message>
    <message>
        <source>supply volts</source>
        <translation>Volt der Versorgung</translation>
    </message>
    <message>
        <source>Plugs and their order on a picture, the label of the board compared</source>
        <translation>Stecker und ihre Ordnung auf einem Bild, Schild der Platine verglichen</translation>
    </message>
    <message>
        <source>Board out: screws by place, insulating sheet and thermal pads kept</source>
        <translation>Platine heraus: Schrauben nach Ort, Isolierfolie und Wärmepads behalten</translation>
    </message>
    <message>
        <source>Stored charge: measured empty before a hand goes near.</source>
        <translation>Restladung: leer gemessen, bevor eine Hand in die Nähe kommt.</translation>
    </message>
    <message>
        <source>New board in, every plug pressed home, no wire under it</source>
        <translation>Neue Platine hinein, jeder Stecker ganz drin, kein Draht darunter</translation>
    </message>
    <message>
        <source>Old solder and burnt wire off, the lamp&apos;s pin clean</source>
        <translation>Altes Lot und verbrannter Draht ab, der Lampenstift sauber</translation>
    </message>
    <message>
        <source>Glass seal: no bending, no levering. Mercury inside.</source>
        <translation>Glaseinschmelzung: nicht biegen, nicht hebeln. Innen Quecksilber.</translation>
    </message>
    <message>
        <source>Joint soldered anew, short heat, pulled at</source>
        <translation>Lötstelle neu gelötet, kurze Hitze, daran gezogen</translation>
    </message>
    <message>
        <source>Silicone boot refitted</source>
        <translation>Silikontülle wieder drauf</translation>
    </message>
    <message>
        <source>Shrink sleeve is no high-voltage insulation.</source>
        <translation>Schrumpfschlauch isoliert keine Hochspannung.</translation>
    </message>
    <message>
        <source>Lamp out by its holders</source>
        <translation>Lampe an den Haltern heraus</translation>
    </message>
    <message>
        <source>Mercury: never force it. Broken: air the room, no vacuum cleaner, a sealed jar.</source>
        <translation>Quecksilber: nie mit Gewalt. Zerbrochen: lüften, kein Staubsauger, verschlossenes Glas.</translation>
    </message>
    <message>
        <source>New lamp of the same length and bore in its holders</source>
        <translation>Neue Lampe gleicher Länge und Weite in ihren Haltern</translation>
    </message>
    <message>
        <source>Contact cleaned, crimped or soldered anew, pulled at</source>
        <translation>Kontakt gereinigt, neu gecrimpt oder gelötet, daran gezogen</translation>
    </message>
    <message>
        <source>Watched warm for an hour, pressed on the cold side with an insulated stick</source>
        <translation>Eine Stunde warm beobachtet, auf der kalten Seite mit isoliertem Stab gedrückt</translation>
    </message>
    <message>
        <source>more are in than there are places</source>
        <translation>es sind mehr drin, als es Plätze gibt</translation>
    </message>
    <message>
        <source>Off and unplugged, charge measured. Glass cracks and cuts: two people or suction, a rigid sheet, no twist; flat cables are bonded to its edge. Antistatic strap.</source>
        <translation>Aus und abgezogen, Ladung gemessen. Glas springt und schneidet: zu zweit oder mit Saugern, steife Platte, nicht verdrehen; Flachkabel sind am Rand verklebt. Antistatikband.</translation>
    </message>
    <message>
        <source>Bench supplies, after the panel check</source>
        <translation>Labornetzteile, nach der Panelprüfung</translation>
    </message>
    <message>
        <source>plus on the large pad</source>
        <translation>Plus auf dem großen Pad</translation>
    </message>
    <message>
        <source>plus on the small pad</source>
        <translation>Plus auf dem kleinen Pad</translation>
    </message>
    <message>
        <source>pads alike, plus left</source>
        <translation>Pads gleich, Plus links</translation>
    </message>
    <message>
        <source>pads alike, plus right</source>
        <translation>Pads gleich, Plus rechts</translation>
    </message>
    <message>
        <source>Strips or lamps</source>
        <translation>Leisten oder Lampen</translation>
    </message>
    <message>
        <source>Strips, lamps</source>
        <translation>Leisten, Lampen</translation>
    </message>
    <message>
        <source>Through the vents, at the plugs, on the label: strips have thin leads and a flat plug, lamps a pink or white pair of thick leads to each end and a transformer near them.</source>
        <translation>Durch die Schlitze, an den Steckern, am Schild: Leisten haben dünne Drähte und einen flachen Stecker, Lampen ein rosa oder weißes Paar dicker Drähte an jedem Ende und einen Trafo in der Nähe.</translation>
    </message>
    <message>
        <source>LED strips</source>
        <translation>LED-Leisten</translation>
    </message>
    <message>
        <source>Two ways: a lamp generator, one lamp at a time, which may give too much current; or the set&apos;s own inverter with dummy lamps at its other outputs, kilovolts from a live board.</source>
        <translation>Zwei Wege: ein Lampengenerator, eine Lampe nach der anderen, der zu viel Strom geben kann; oder der eigene Inverter mit Ersatzlampen an den anderen Ausgängen, Kilovolt von einer Platine unter Spannung.</translation>
    </message>
    <message>
        <source>says more than a layer holds</source>
        <translation>sagt mehr, als eine Lage hält</translation>
    </message>
    <message>
        <source>lies before its start</source>
        <translation>liegt vor seinem Anfang</translation>
    </message>
    <message>
        <source>is no chain of resistors</source>
        <translation>ist keine Kette von Widerständen</translation>
    </message>
    <message>
        <source>One dark spot</source>
        <translation>Ein dunkler Fleck</translation>
    </message>
    <message>
        <source>one LED gives no light while its string is lit: shorted, or conducting dark</source>
        <translation>eine LED gibt kein Licht, während ihr Strang leuchtet: kurzgeschlossen oder dunkel leitend</translation>
    </message>
    <message>
        <source>Find it with the tester, renew it; a bridge leaves the spot.</source>
        <translation>Mit dem Tester suchen, erneuern; eine Brücke lässt den Fleck.</translation>
    </message>
    <message>
        <source>One dull spot</source>
        <translation>Ein matter Fleck</translation>
    </message>
    <message>
        <source>one LED is aged or leaks</source>
        <translation>eine LED ist gealtert oder leckt</translation>
    </message>
    <message>
        <source>Put it to the tester by itself; renew it.</source>
        <translation>Einzeln an den Tester; erneuern.</translation>
    </message>
    <message>
        <source>One bright spot</source>
        <translation>Ein heller Fleck</translation>
    </message>
    <message>
        <source>one new LED among aged ones, or of a brighter bin</source>
        <translation>eine neue LED unter gealterten, oder aus hellerer Klasse</translation>
    </message>
    <message>
        <source>Choose a bin as bright as its neighbours, or renew the strip.</source>
        <translation>Eine so helle Klasse wie die Nachbarn wählen, oder die Leiste erneuern.</translation>
    </message>
    <message>
        <source>A yellow or blue ring</source>
        <translation>Ein gelber oder blauer Ring</translation>
    </message>
    <message>
        <source>an LED of another white, or its phosphor is burnt</source>
        <translation>eine LED mit anderem Weiß, oder ihr Leuchtstoff ist verbrannt</translation>
    </message>
    <message>
        <source>Hold it lit beside a good one; renew it by its bin.</source>
        <translation>Leuchtend neben eine gute halten; nach Klasse erneuern.</translation>
    </message>
    <message>
        <source>A bright point in a dull disc</source>
        <translation>Ein heller Punkt in matter Scheibe</translation>
    </message>
    <message>
        <source>the lens is clouded: vapour of glue, or dust in its cone</source>
        <translation>die Linse ist trüb: Kleberdampf, oder Staub in ihrem Kegel</translation>
    </message>
    <message>
        <source>Clean the inner cone with alcohol; let glue cure in the open.</source>
        <translation>Den inneren Kegel mit Alkohol reinigen; Kleber offen aushärten lassen.</translation>
    </message>
    <message>
        <source>A hard bright point</source>
        <translation>Ein harter heller Punkt</translation>
    </message>
    <message>
        <source>the lens has come off</source>
        <translation>die Linse ist abgefallen</translation>
    </message>
    <message>
        <source>Find it, seat it on its feet with three small dots of glue.</source>
        <translation>Suchen, mit drei kleinen Punkten Kleber auf ihre Füße setzen.</translation>
    </message>
    <message>
        <source>A disc bright on one side</source>
        <translation>Eine einseitig helle Scheibe</translation>
    </message>
    <message>
        <source>the lens sits off its centre</source>
        <translation>die Linse sitzt neben der Mitte</translation>
    </message>
    <message>
        <source>Centre it under a scrap of diffuser while it is lit, then glue.</source>
        <translation>Leuchtend unter einem Stück Diffusor mittig setzen, dann kleben.</translation>
    </message>
    <message>
        <source>Points everywhere</source>
        <translation>Überall Punkte</translation>
    </message>
    <message>
        <source>a diffusing film is missing</source>
        <translation>eine Streufolie fehlt</translation>
    </message>
    <message>
        <source>Compare the stack with what came out: count and order.</source>
        <translation>Den Stapel mit dem vergleichen, was herauskam: Zahl und Lage.</translation>
    </message>
    <message>
        <source>Dull, with shadows that run across</source>
        <translation>Matt, mit querlaufenden Schatten</translation>
    </message>
    <message>
        <source>a prism film lies turned or upside down</source>
        <translation>eine Prismenfolie liegt verdreht oder verkehrt herum</translation>
    </message>
    <message>
        <source>Notch to its corner, dull side as it was written down.</source>
        <translation>Kerbe in ihre Ecke, matte Seite wie aufgeschrieben.</translation>
    </message>
    <message>
        <source>Nobody has said what the driver gives: {:.0f} V a string must suit it.</source>
        <translation>Niemand hat gesagt, was der Treiber gibt: {:.0f} V je Strang müssen ihm passen.</translation>
    </message>
    <message>
        <source>{:.0f} V a string instead of {:.0f}: {:+.0f} %, more than a driver gives.</source>
        <translation>{:.0f} V je Strang statt {:.0f}: {:+.0f} %, mehr als ein Treiber hergibt.</translation>
    </message>
    <message>
        <source>No row: describe the strips first.</source>
        <translation>Keine Reihe: erst die Leisten beschreiben.</translation>
    </message>
    <message>
        <source>A length is missing, or beyond 10 m.</source>
        <translation>Eine Länge fehlt oder ist über 10 m.</translation>
    </message>
    <message>
        <source>A segment has 1 to 60 LEDs, a strip 1 to 200 segments.</source>
        <translation>Ein Segment hat 1 bis 60 LEDs, ein Streifen 1 bis 200 Segmente.</translation>
    </message>
    <message>
        <source>The volts of a segment and the amps that it is rated for are needed.</source>
        <translation>Spannung und Nennstrom eines Segments werden gebraucht.</translation>
    </message>
    <message>
        <source>At most 60 rows of 200 segments.</source>
        <translation>Höchstens 60 Reihen zu 200 Segmenten.</translation>
    </message>
    <message>
        <source>Row {} has no room for {} segments of {:.0f} mm.</source>
        <translation>Reihe {} hat keinen Platz für {} Segmente von {:.0f} mm.</translation>
    </message>
    <message>
        <source>{:.0f} mA through strips rated {:.0f}: {:.0f} %. Lower the current first.</source>
        <translation>{:.0f} mA durch Streifen für {:.0f}: {:.0f} %. Erst den Strom senken.</translation>
    </message>
    <message>
        <source>Cut edges of metal-core strips are filed; copper stays back from the cut.</source>
        <translation>Schnittkanten von Metallkern-Streifen werden gefeilt; Kupfer bleibt vom Schnitt zurück.</translation>
    </message>
    <message>
        <source>After each piece: tester from LED+ to the chassis, nothing may flow.</source>
        <translation>Nach jedem Stück: Tester von LED+ ans Blech, nichts darf fließen.</translation>
    </message>
    <message>
        <source>more ohms: less current</source>
        <translation>mehr Ohm: weniger Strom</translation>
    </message>
    <message>
        <source>fewer ohms: more current</source>
        <translation>weniger Ohm: mehr Strom</translation>
    </message>
    <message>
        <source>the same ohms: the same current</source>
        <translation>gleiche Ohm: gleicher Strom</translation>
    </message>
    <message>
        <source>{:.0f} mA</source>
        <translation>{:.0f} mA</translation>
    </message>
    <message>
        <source>{:.1f} mm</source>
        <translation>{:.1f} mm</translation>
    </message>
    <message>
        <source>rated current</source>
        <translation>Nennstrom</translation>
    </message>
    <message>
        <source>{:.0f} mA through {:.0f}: {:.0f} %</source>
        <translation>{:.0f} mA durch {:.0f}: {:.0f} %</translation>
    </message>
    <message>
        <source>{}, overdriven: lower the current first</source>
        <translation>{}, übersteuert: erst den Strom senken</translation>
    </message>
    <message>
        <source>{}, at its limit: a lower current lets it last</source>
        <translation>{}, am Anschlag: mit weniger Strom hält sie</translation>
    </message>
    <message>
        <source>a weaker one fails again</source>
        <translation>ein schwächeres fällt wieder aus</translation>
    </message>
    <message>
        <source>{:.3g} nF</source>
        <translation>{:.3g} nF</translation>
    </message>
    <message>
        <source>capacitance</source>
        <translation>Kapazität</translation>
    </message>
    <message>
        <source>larger: a stronger inrush, mostly harmless</source>
        <translation>größer: höherer Einschaltstrom, meist harmlos</translation>
    </message>
    <message>
        <source>{:+.0f} %: not the same part</source>
        <translation>{:+.0f} %: nicht dasselbe Teil</translation>
    </message>
    <message>
        <source>rated volts</source>
        <translation>Nennspannung</translation>
    </message>
    <message>
        <source>far above: see whether it has the room and the ESR</source>
        <translation>weit darüber: Platz und ESR prüfen</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>{:.0f} °C</source>
        <translation>{:.0f} °C</translation>
    </message>
    <message>
        <source>it dries out sooner: 105 °C types last</source>
        <translation>trocknet früher aus: 105-°C-Typen halten</translation>
    </message>
    <message>
        <source>{:.2f} A</source>
        <translation>{:.2f} A</translation>
    </message>
    <message>
        <source>a stronger fuse lets the board burn</source>
        <translation>eine stärkere Sicherung lässt die Platine brennen</translation>
    </message>
    <message>
        <source>a weaker one blows at switch-on</source>
        <translation>eine schwächere fliegt beim Einschalten</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>passt</translation>
    </message>
    <message>
        <source>fits, with a note</source>
        <translation>passt, mit Vorbehalt</translation>
    </message>
    <message>
        <source>does not fit</source>
        <translation>passt nicht</translation>
    </message>
    <message>
        <source>volts at {:.0f} mA</source>
        <translation>Spannung bei {:.0f} mA</translation>
    </message>
    <message>
        <source>another bin: lit a little otherwise</source>
        <translation>andere Klasse: leuchtet etwas anders</translation>
    </message>
    <message>
        <source>another class: {} dies, not {}</source>
        <translation>andere Bauart: {} Chips, nicht {}</translation>
    </message>
    <message>
        <source>package</source>
        <translation>Bauform</translation>
    </message>
    <message>
        <source>its pads lie elsewhere</source>
        <translation>ihre Pads liegen anders</translation>
    </message>
    <message>
        <source>plus pad</source>
        <translation>Plus-Pad</translation>
    </message>
    <message>
        <source>it goes in turned round: the plus pad to the plus pad, never by its looks</source>
        <translation>gedreht einsetzen: Plus-Pad auf Plus-Pad, nie nach Aussehen</translation>
    </message>
    <message>
        <source>a tinted spot may show</source>
        <translation>ein farbiger Fleck kann bleiben</translation>
    </message>
    <message>
        <source>{} LEDs</source>
        <translation>{} LEDs</translation>
    </message>
    <message>
        <source>LEDs</source>
        <translation>LEDs</translation>
    </message>
    <message>
        <source>another strip; cut to marks it may still serve</source>
        <translation>andere Leiste; an Marken gekürzt kann sie dienen</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>the lenses miss the holes of the reflector</source>
        <translation>die Linsen treffen die Löcher des Reflektors nicht</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>it does not lie between its ribs</source>
        <translation>liegt nicht zwischen ihren Rippen</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>its pins and holes lie elsewhere</source>
        <translation>ihre Stifte und Löcher liegen anders</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>the old lead is soldered on, plus to plus</source>
        <translation>das alte Kabel wird angelötet, Plus an Plus</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>the other half: its plug comes out wrong</source>
        <translation>die andere Hälfte: ihr Stecker sitzt falsch</translation>
    </message>
    <message>
        <source>lens</source>
        <translation>Linse</translation>
    </message>
    <message>
        <source>spots or rings show</source>
        <translation>Flecken oder Ringe zeigen sich</translation>
    </message>
    <message>
        <source>batch</source>
        <translation>Charge</translation>
    </message>
    <message>
        <source>its tint may differ: renew all strips of a set together</source>
        <translation>Farbton kann abweichen: alle Leisten eines Geräts zusammen erneuern</translation>
    </message>
    <message>
        <source>zener volts</source>
        <translation>Zenerspannung</translation>
    </message>
    <message>
        <source>ohms</source>
        <translation>Ohm</translation>
    </message>
    <message>
        <source>volts it stands</source>
        <translation>Spannungsfestigkeit</translation>
    </message>
    <message>
        <source>amps it carries</source>
        <translation>Strombelastbarkeit</translation>
    </message>
    <message>
        <source>Plan the strips first: stock, cuts, places.</source>
        <translation>Erst die Streifen planen: Ware, Schnitte, Plätze.</translation>
    </message>
    <message>
        <source>Hold a module against this set first.</source>
        <translation>Erst ein Modul mit diesem Gerät vergleichen.</translation>
    </message>
    <message>
        <source>Replace: {}</source>
        <translation>Ersetzen: {}</translation>
    </message>
    <message>
        <source>{} would cost {:.0f}, but it is a stop-gap.</source>
        <translation>{} kostete {:.0f}, ist aber ein Notbehelf.</translation>
    </message>
    <message>
        <source>{} would cost {:.0f}, but comes too late for {}.</source>
        <translation>{} kostete {:.0f}, kommt aber zu spät für {}.</translation>
    </message>
    <message>
        <source>A stop-gap, since nothing else is here in time and the set is one&apos;s own.</source>
        <translation>Ein Notbehelf, weil sonst nichts rechtzeitig da ist und das Gerät das eigene ist.</translation>
    </message>
    <message>
        <source>Hours not known: at {:.0f} h it would be &quot;{}&quot;, at {:.0f} &quot;{}&quot;. Ask, or read them off.</source>
        <translation>Stunden unbekannt: bei {:.0f} h wäre es „{}“, bei {:.0f} „{}“. Fragen oder ablesen.</translation>
    </message>
    <message>
        <source>It is expected to cost more ({:.0f} {}) than the set is worth ({:.0f}).</source>
        <translation>Es kostet voraussichtlich mehr ({:.0f} {}), als das Gerät wert ist ({:.0f}).</translation>
    </message>
    <message>
        <source>LED</source>
        <translation>LED</translation>
    </message>
    <message>
        <source>one or two spare: they die under the iron</source>
        <translation>ein, zwei mehr: sie sterben unter dem Kolben</translation>
    </message>
    <message>
        <source>volts: measure a good one first</source>
        <translation>Spannung: erst eine gute messen</translation>
    </message>
    <message>
        <source>{:.1f} V at {:.0f} mA, {} dies</source>
        <translation>{:.1f} V bei {:.0f} mA, {} Chips</translation>
    </message>
    <message>
        <source>rated {:.0f} mA or more</source>
        <translation>für {:.0f} mA oder mehr</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>Leiste</translation>
    </message>
    <message>
        <source>{:.1f} V each</source>
        <translation>je {:.1f} V</translation>
    </message>
    <message>
        <source>pitch {:.1f} mm</source>
        <translation>Abstand {:.1f} mm</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>Panel</translation>
    </message>
    <message>
        <source>all of one batch</source>
        <translation>alle aus einer Charge</translation>
    </message>
    <message>
        <source>its tint may differ from its neighbours</source>
        <translation>ihr Farbton kann von den Nachbarn abweichen</translation>
    </message>
    <message>
        <source>universal strip</source>
        <translation>Universalstreifen</translation>
    </message>
    <message>
        <source>segments of {} LEDs, {:.1f} mm</source>
        <translation>Segmente zu {} LEDs, {:.1f} mm</translation>
    </message>
    <message>
        <source>{:.1f} V a segment, rated {:.0f} mA</source>
        <translation>{:.1f} V je Segment, für {:.0f} mA</translation>
    </message>
    <message>
        <source>{:.0f} mm wide</source>
        <translation>{:.0f} mm breit</translation>
    </message>
    <message>
        <source>wire, two colours</source>
        <translation>Draht, zwei Farben</translation>
    </message>
    <message>
        <source>{:.1f} m</source>
        <translation>{:.1f} m</translation>
    </message>
    <message>
        <source>stands the string&apos;s volts</source>
        <translation>hält die Strangspannung aus</translation>
    </message>
    <message>
        <source>thermal tape</source>
        <translation>Wärmeleitband</translation>
    </message>
    <message>
        <source>105 °C, low ESR, the same size</source>
        <translation>105 °C, niedriger ESR, gleiche Größe</translation>
    </message>
    <message>
        <source>electrolytic capacitors</source>
        <translation>Elkos</translation>
    </message>
    <message>
        <source>read values and volts off the board first</source>
        <translation>erst Werte und Spannungen von der Platine ablesen</translation>
    </message>
    <message>
        <source>label and revision like the old one, not its looks</source>
        <translation>Aufdruck und Stand wie die alte, nicht das Aussehen</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>driver module</source>
        <translation>Treibermodul</translation>
    </message>
    <message>
        <source>with limits of its own</source>
        <translation>mit eigenen Grenzen</translation>
    </message>
    <message>
        <source>like for like, equal or stronger; its row with it</source>
        <translation>gleich um gleich, gleich oder stärker; seine Reihe mit</translation>
    </message>
    <message>
        <source>found bad on the way</source>
        <translation>unterwegs schlecht befunden</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>figures</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>before opening</source>
        <translation>vor dem Öffnen</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>{} or more</source>
        <translation>{} oder mehr</translation>
    </message>
    <message>
        <source>{} or less</source>
        <translation>{} oder weniger</translation>
    </message>
    <message>
        <source>current limit of its own</source>
        <translation>eigene Strombegrenzung</translation>
    </message>
    <message>
        <source>a shorted string would burn</source>
        <translation>ein kurzgeschlossener Strang verbrennt</translation>
    </message>
    <message>
        <source>lowest output</source>
        <translation>kleinste Ausgangsspannung</translation>
    </message>
    <message>
        <source>it cannot go down so far</source>
        <translation>so weit kommt es nicht herunter</translation>
    </message>
    <message>
        <source>highest output</source>
        <translation>größte Ausgangsspannung</translation>
    </message>
    <message>
        <source>the strings stay dark</source>
        <translation>die Stränge bleiben dunkel</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>dimmer than it was</source>
        <translation>dunkler als zuvor</translation>
    </message>
    <message>
        <source>open-load limit</source>
        <translation>Leerlaufgrenze</translation>
    </message>
    <message>
        <source>an open string would meet all of it</source>
        <translation>ein offener Strang bekommt alles ab</translation>
    </message>
    <message>
        <source>enabled from</source>
        <translation>aktiv ab</translation>
    </message>
    <message>
        <source>BL_ON does not reach it: a transistor between</source>
        <translation>BL_ON reicht nicht: ein Transistor dazwischen</translation>
    </message>
    <message>
        <source>starts from</source>
        <translation>startet ab</translation>
    </message>
    <message>
        <source>a step-up module, or an added winding, must feed it</source>
        <translation>ein Aufwärtswandler oder eine Zusatzwicklung muss es speisen</translation>
    </message>
    <message>
        <source>Refused: without an open-load and a current limit of its own the next open or shorted LED burns the strip, or the set.</source>
        <translation>Abgelehnt: ohne eigene Leerlauf- und Stromgrenze verbrennt die nächste offene oder kurzgeschlossene LED die Leiste oder das Gerät.</translation>
    </message>
    <message>
        <source>It does not suit these strings.</source>
        <translation>Es passt nicht zu diesen Strängen.</translation>
    </message>
    <message>
        <source>On a spare bar at the bench, current limited.</source>
        <translation>An einer Ersatzleiste am Tisch, strombegrenzt.</translation>
    </message>
    <message>
        <source>Its enable from BL_ON: off in standby, on with the set.</source>
        <translation>Freigabe von BL_ON: aus im Standby, an mit dem Gerät.</translation>
    </message>
    <message>
        <source>Open-load volts with nothing connected, manual range.</source>
        <translation>Leerlaufspannung ohne Last, fester Messbereich.</translation>
    </message>
    <message>
        <source>The dead chip&apos;s fault output parked, so that the main board goes on.</source>
        <translation>Fehlerausgang des toten Chips festgelegt, damit das Mainboard weiterläuft.</translation>
    </message>
    <message>
        <source>The LEDs, one string first; then all.</source>
        <translation>Die LEDs, erst ein Strang, dann alle.</translation>
    </message>
    <message>
        <source>Standby, on again, warm for an hour.</source>
        <translation>Standby, wieder an, eine Stunde warm.</translation>
    </message>
    <message>
        <source>Brightness can no longer be set: the light is full or off.</source>
        <translation>Die Helligkeit ist nicht mehr einstellbar: das Licht ist voll oder aus.</translation>
    </message>
    <message>
        <source>It blinks</source>
        <translation>Es blinkt</translation>
    </message>
    <message>
        <source>Its supply starves and starts again: start resistor missing or too large.</source>
        <translation>Seine Versorgung hungert und startet neu: Startwiderstand fehlt oder ist zu groß.</translation>
    </message>
    <message>
        <source>It is dim and unsteady</source>
        <translation>Es ist dunkel und unruhig</translation>
    </message>
    <message>
        <source>Start or sense resistor too large.</source>
        <translation>Start- oder Messwiderstand zu groß.</translation>
    </message>
    <message>
        <source>It stays on in standby</source>
        <translation>Es bleibt im Standby an</translation>
    </message>
    <message>
        <source>Its enable hangs on the rail, not on BL_ON.</source>
        <translation>Seine Freigabe hängt an der Schiene, nicht an BL_ON.</translation>
    </message>
    <message>
        <source>The set turns itself off</source>
        <translation>Das Gerät schaltet sich ab</translation>
    </message>
    <message>
        <source>The dead chip&apos;s fault output is not parked.</source>
        <translation>Der Fehlerausgang des toten Chips ist nicht festgelegt.</translation>
    </message>
    <message>
        <source>It steps up: the output must be above the input.</source>
        <translation>Er setzt hoch: der Ausgang muss über dem Eingang liegen.</translation>
    </message>
    <message>
        <source>duty</source>
        <translation>Tastgrad</translation>
    </message>
    <message>
        <source>current in</source>
        <translation>Eingangsstrom</translation>
    </message>
    <message>
        <source>ripple of the coil</source>
        <translation>Welligkeit der Spule</translation>
    </message>
    <message>
        <source>peak of the coil</source>
        <translation>Spitze der Spule</translation>
    </message>
    <message>
        <source>diode and MOSFET see</source>
        <translation>Diode und MOSFET sehen</translation>
    </message>
    <message>
        <source>Half the ripple is above the current in: the coil runs empty, so that duty and peak are less.</source>
        <translation>Die halbe Welligkeit liegt über dem Eingangsstrom: die Spule läuft leer, Tastgrad und Spitze sind kleiner.</translation>
    </message>
    <message>
        <source>The coil never runs empty.</source>
        <translation>Die Spule läuft nie leer.</translation>
    </message>
    <message>
        <source>Diode from {:.0f} V on, MOSFET likewise: a quarter above what they see.</source>
        <translation>Diode ab {:.0f} V, MOSFET ebenso: ein Viertel über dem, was sie sehen.</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>The limit must be above the reference.</source>
        <translation>Die Grenze muss über der Referenz liegen.</translation>
    </message>
    <message>
        <source>bottom resistor</source>
        <translation>unterer Widerstand</translation>
    </message>
    <message>
        <source>More ohms below: a lower limit.</source>
        <translation>Mehr Ohm unten: niedrigere Grenze.</translation>
    </message>
    <message>
        <source>Type the bottom resistor, or the limit that is wanted.</source>
        <translation>Den unteren Widerstand eingeben, oder die gewünschte Grenze.</translation>
    </message>
    <message>
        <source>A limit that was raised no longer guards the strips: note what it was.</source>
        <translation>Eine erhöhte Grenze schützt die Leisten nicht mehr: aufschreiben, was war.</translation>
    </message>
    <message>
        <source>Kilo-ohms set a current, they do not sense it: take the other sum.</source>
        <translation>Kiloohm stellen einen Strom ein, sie messen ihn nicht: die andere Rechnung nehmen.</translation>
    </message>
    <message>
        <source>Tenths of ohms sense a current, they do not set it: take the other sum.</source>
        <translation>Zehntelohm messen einen Strom, sie stellen ihn nicht ein: die andere Rechnung nehmen.</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>Referenz</translation>
    </message>
    <message>
        <source>constant</source>
        <translation>Konstante</translation>
    </message>
    <message>
        <source>resistor</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>LEDs last {:.2f} times as long from now on, light {:.0f} %.</source>
        <translation>LEDs halten von nun an {:.2f}-mal so lange, Licht {:.0f} %.</translation>
    </message>
    <message>
        <source>Write down what was there before it is changed, and the brightness it was measured at.</source>
        <translation>Vor dem Ändern aufschreiben, was war, und bei welcher Helligkeit gemessen wurde.</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Windungen</translation>
    </message>
    <message>
        <source>{} turns</source>
        <translation>{} Windungen</translation>
    </message>
    <message>
        <source>the right way round</source>
        <translation>richtig herum</translation>
    </message>
    <message>
        <source>the wrong way round</source>
        <translation>falsch herum</translation>
    </message>
    <message>
        <source>Before diode and regulation. Measured below the base rail: its ends are swapped.</source>
        <translation>Vor Diode und Regelung. Unter der Grundspannung gemessen: die Enden sind vertauscht.</translation>
    </message>
    <message>
        <source>Triple insulated wire, away from the mains side. Mains out and bulk measured empty first.</source>
        <translation>Dreifach isolierter Draht, weg von der Netzseite. Erst Netz aus und Siebelko leer gemessen.</translation>
    </message>
    <message>
        <source>base rail</source>
        <translation>Grundspannung</translation>
    </message>
    <message>
        <source>a turn gives</source>
        <translation>eine Windung gibt</translation>
    </message>
    <message>
        <source>turns for {}</source>
        <translation>Windungen für {}</translation>
    </message>
    <message>
        <source>The rail must be above the zener.</source>
        <translation>Die Schiene muss über der Zenerspannung liegen.</translation>
    </message>
    <message>
        <source>through the zener</source>
        <translation>durch die Zenerdiode</translation>
    </message>
    <message>
        <source>zener</source>
        <translation>Zenerdiode</translation>
    </message>
    <message>
        <source>Too little: the chip starves and restarts, the light blinks. Fewer ohms.</source>
        <translation>Zu wenig: der Chip hungert und startet neu, das Licht blinkt. Weniger Ohm.</translation>
    </message>
    <message>
        <source>Below about 20 V no zener: a few hundred ohms.</source>
        <translation>Unter etwa 20 V keine Zenerdiode: einige hundert Ohm.</translation>
    </message>
    <message>
        <source>Usual: 4.7 to 10 kΩ and the zener.</source>
        <translation>Üblich: 4,7 bis 10 kΩ und die Zenerdiode.</translation>
    </message>
    <message>
        <source>bulk without power-factor correction</source>
        <translation>Siebelko ohne Leistungsfaktorkorrektur</translation>
    </message>
    <message>
        <source>with it, while the set is on</source>
        <translation>mit ihr, solange das Gerät an ist</translation>
    </message>
    <message>
        <source>380 to 400 V</source>
        <translation>380 bis 400 V</translation>
    </message>
    <message>
        <source>Beyond 60 V: trained people, one hand, local codes. No scope earth on the hot side.</source>
        <translation>Über 60 V: nur Geschulte, eine Hand, örtliche Vorschriften. Keine Oszilloskopmasse auf der heißen Seite.</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>Within its band.</source>
        <translation>Im Band.</translation>
    </message>
    <message>
        <source>Outside its band.</source>
        <translation>Außerhalb des Bands.</translation>
    </message>
    <message>
        <source>to {:.0f} V</source>
        <translation>bis {:.0f} V</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>Energie</translation>
    </message>
    <message>
        <source>{:.3g} J</source>
        <translation>{:.3g} J</translation>
    </message>
    <message>
        <source>peak in the resistor</source>
        <translation>Spitze im Widerstand</translation>
    </message>
    <message>
        <source>This resistor does not stand it: higher volts or more watts.</source>
        <translation>Dieser Widerstand hält das nicht aus: mehr Volt oder mehr Watt.</translation>
    </message>
    <message>
        <source>Measure, discharge, measure again; the resistor stays on. No screwdriver.</source>
        <translation>Messen, entladen, wieder messen; der Widerstand bleibt dran. Kein Schraubendreher.</translation>
    </message>
    <message>
        <source>The volts did not fall between the readings.</source>
        <translation>Die Spannung fiel zwischen den Messungen nicht.</translation>
    </message>
    <message>
        <source>time constant</source>
        <translation>Zeitkonstante</translation>
    </message>
    <message>
        <source>from the second reading to {:.0f} V</source>
        <translation>von der zweiten Messung bis {:.0f} V</translation>
    </message>
    <message>
        <source>capacitor, meter left on</source>
        <translation>Kondensator, Messgerät blieb dran</translation>
    </message>
    <message>
        <source>capacitor, meter taken off</source>
        <translation>Kondensator, Messgerät abgenommen</translation>
    </message>
    <message>
        <source>at most, at 120 Hz</source>
        <translation>höchstens, bei 120 Hz</translation>
    </message>
    <message>
        <source>Bad: renew it, and its row.</source>
        <translation>Schlecht: erneuern, samt seiner Reihe.</translation>
    </message>
    <message>
        <source>Doubtful: compare it with its twin.</source>
        <translation>Zweifelhaft: mit dem Zwilling vergleichen.</translation>
    </message>
    <message>
        <source>Good.</source>
        <translation>Gut.</translation>
    </message>
    <message>
        <source>Measured empty first: 2 V or less.</source>
        <translation>Erst leer gemessen: 2 V oder weniger.</translation>
    </message>
    <message>
        <source>The supply must be above the LED.</source>
        <translation>Die Speisung muss über der LED liegen.</translation>
    </message>
    <message>
        <source>next of E24</source>
        <translation>nächster aus E24</translation>
    </message>
    <message>
        <source>current then</source>
        <translation>Strom dann</translation>
    </message>
    <message>
        <source>it turns to heat</source>
        <translation>wird zu Wärme</translation>
    </message>
    <message>
        <source>first glow from about</source>
        <translation>erstes Glimmen ab etwa</translation>
    </message>
    <message>
        <source>limit until polarity is known, at most</source>
        <translation>Grenze, bis die Polung bekannt ist, höchstens</translation>
    </message>
    <message>
        <source>at that current</source>
        <translation>bei diesem Strom</translation>
    </message>
    <message>
        <source>Plug out of the board first. Beyond 60 V: hands off the strips.</source>
        <translation>Erst den Stecker von der Platine. Über 60 V: Hände weg von den Leisten.</translation>
    </message>
    <message>
        <source>supplies in series</source>
        <translation>Netzgeräte in Reihe</translation>
    </message>
    <message>
        <source>each at</source>
        <translation>jedes auf</translation>
    </message>
    <message>
        <source>{:.0f} V above earth at the top, and its terminals stand {:.0f}: not with these supplies.</source>
        <translation>{:.0f} V gegen Erde am oberen Ende, und die Klemmen halten {:.0f} aus: nicht mit diesen Netzgeräten.</translation>
    </message>
    <message>
        <source>Floating outputs, connected at 0 V, then turned up together; polarity through 4.7 kΩ first.</source>
        <translation>Erdfreie Ausgänge, bei 0 V verbunden, dann zusammen hochgedreht; Polung erst über 4,7 kΩ.</translation>
    </message>
    <message>
        <source>They stay charged afterwards: measured before they are touched.</source>
        <translation>Sie bleiben danach geladen: messen, bevor man sie berührt.</translation>
    </message>
    <message>
        <source>it takes</source>
        <translation>nimmt auf</translation>
    </message>
    <message>
        <source>it steps up</source>
        <translation>setzt hoch</translation>
    </message>
    <message>
        <source>{:.1f} times</source>
        <translation>{:.1f}-mal</translation>
    </message>
    <message>
        <source>out</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>More than ten times is beyond most modules: a higher input.</source>
        <translation>Mehr als zehnmal schaffen die meisten Module nicht: höherer Eingang.</translation>
    </message>
    <message>
        <source>Its current limit is set with the output shorted, its volts open.</source>
        <translation>Strombegrenzung bei kurzgeschlossenem Ausgang einstellen, die Spannung offen.</translation>
    </message>
    <message>
        <source>Beyond 60 V its output is as dangerous as LED+; its capacitor keeps it.</source>
        <translation>Über 60 V ist sein Ausgang so gefährlich wie LED+; sein Kondensator hält sie.</translation>
    </message>
    <message>
        <source>junction</source>
        <translation>Sperrschicht</translation>
    </message>
    <message>
        <source>{:.0f} °C, between {:.0f} and {:.0f}</source>
        <translation>{:.0f} °C, zwischen {:.0f} und {:.0f}</translation>
    </message>
    <message>
        <source>Air under it: press it flush, or it cooks.</source>
        <translation>Luft darunter: bündig andrücken, sonst verkocht sie.</translation>
    </message>
    <message>
        <source>Flush on its tape.</source>
        <translation>Bündig auf ihrem Band.</translation>
    </message>
    <message>
        <source>life</source>
        <translation>Lebensdauer</translation>
    </message>
    <message>
        <source>{:.2f} times</source>
        <translation>{:.2f}-mal</translation>
    </message>
    <message>
        <source>life, from now on</source>
        <translation>Lebensdauer, von nun an</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>output</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>lamp as ohms</source>
        <translation>Lampe als Ohm</translation>
    </message>
    <message>
        <source>left by stray</source>
        <translation>nach Streukapazität</translation>
    </message>
    <message>
        <source>to strike, from</source>
        <translation>zum Zünden, ab</translation>
    </message>
    <message>
        <source>Lamp and ballast add as vectors. Kilovolts: no meter on it.</source>
        <translation>Lampe und Vorschaltkondensator addieren sich als Zeiger. Kilovolt: kein Messgerät daran.</translation>
    </message>
    <message>
        <source>resonance</source>
        <translation>Resonanz</translation>
    </message>
    <message>
        <source>with that drift</source>
        <translation>mit dieser Drift</translation>
    </message>
    <message>
        <source>rings down to a quarter</source>
        <translation>Schwingungen bis auf ein Viertel</translation>
    </message>
    <message>
        <source>A gapped transformer rings low when it is sound: its twin, out of circuit, decides.</source>
        <translation>Ein Trafo mit Luftspalt schwingt auch heil wenig: sein Zwilling, ausgebaut, entscheidet.</translation>
    </message>
    <message>
        <source>dummy lamp</source>
        <translation>Ersatzlampe</translation>
    </message>
    <message>
        <source>A chain of resistors, each within its volts; away from fingers and chassis.</source>
        <translation>Eine Kette von Widerständen, jeder in seiner Spannung; weg von Fingern und Blech.</translation>
    </message>
    <message>
        <source>from the supply</source>
        <translation>aus der Versorgung</translation>
    </message>
    <message>
        <source>efficiency</source>
        <translation>Wirkungsgrad</translation>
    </message>
    <message>
        <source>lamp, running</source>
        <translation>Lampe, im Betrieb</translation>
    </message>
    <message>
        <source>lamp current</source>
        <translation>Lampenstrom</translation>
    </message>
    <message>
        <source>Step-up stage</source>
        <translation>Aufwärtswandler</translation>
    </message>
    <message>
        <source>input</source>
        <translation>Eingang</translation>
    </message>
    <message>
        <source>LED+</source>
        <translation>LED+</translation>
    </message>
    <message>
        <source>LED current, all strings</source>
        <translation>LED-Strom, alle Stränge</translation>
    </message>
    <message>
        <source>coil</source>
        <translation>Spule</translation>
    </message>
    <message>
        <source>switching</source>
        <translation>Schaltfrequenz</translation>
    </message>
    <message>
        <source>top resistor</source>
        <translation>oberer Widerstand</translation>
    </message>
    <message>
        <source>limit wanted</source>
        <translation>gewünschte Grenze</translation>
    </message>
    <message>
        <source>Current by a sense resistor</source>
        <translation>Strom über Messwiderstand</translation>
    </message>
    <message>
        <source>measured current</source>
        <translation>gemessener Strom</translation>
    </message>
    <message>
        <source>its resistor</source>
        <translation>sein Widerstand</translation>
    </message>
    <message>
        <source>current wanted</source>
        <translation>gewünschter Strom</translation>
    </message>
    <message>
        <source>Current by a set resistor</source>
        <translation>Strom über Einstellwiderstand</translation>
    </message>
    <message>
        <source>Preferred values</source>
        <translation>Normwerte</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>Added winding</source>
        <translation>Zusatzwicklung</translation>
    </message>
    <message>
        <source>rail wanted</source>
        <translation>gewünschte Schiene</translation>
    </message>
    <message>
        <source>diode</source>
        <translation>Diode</translation>
    </message>
    <message>
        <source>Winding tried both ways</source>
        <translation>Wicklung in beiden Polungen</translation>
    </message>
    <message>
        <source>one way round</source>
        <translation>einmal herum</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>andersherum</translation>
    </message>
    <message>
        <source>Start resistor and zener</source>
        <translation>Startwiderstand und Zenerdiode</translation>
    </message>
    <message>
        <source>rail</source>
        <translation>Schiene</translation>
    </message>
    <message>
        <source>the chip takes</source>
        <translation>der Chip nimmt</translation>
    </message>
    <message>
        <source>Rectified mains</source>
        <translation>Gleichgerichtetes Netz</translation>
    </message>
    <message>
        <source>mains, AC</source>
        <translation>Netz, AC</translation>
    </message>
    <message>
        <source>A rail against its label</source>
        <translation>Eine Schiene gegen ihren Aufdruck</translation>
    </message>
    <message>
        <source>label</source>
        <translation>Aufdruck</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>within</source>
        <translation>innerhalb</translation>
    </message>
    <message>
        <source>Discharge through a resistor</source>
        <translation>Entladen über Widerstand</translation>
    </message>
    <message>
        <source>charged to</source>
        <translation>geladen auf</translation>
    </message>
    <message>
        <source>capacitor</source>
        <translation>Kondensator</translation>
    </message>
    <message>
        <source>resistor&apos;s watts</source>
        <translation>Watt des Widerstands</translation>
    </message>
    <message>
        <source>resistor stands</source>
        <translation>Widerstand hält aus</translation>
    </message>
    <message>
        <source>Two readings of a charged capacitor</source>
        <translation>Zwei Messungen am geladenen Kondensator</translation>
    </message>
    <message>
        <source>first reading</source>
        <translation>erste Messung</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweite</translation>
    </message>
    <message>
        <source>between them</source>
        <translation>dazwischen</translation>
    </message>
    <message>
        <source>bleeder</source>
        <translation>Entladewiderstand</translation>
    </message>
    <message>
        <source>Highest ESR</source>
        <translation>Höchster ESR</translation>
    </message>
    <message>
        <source>Series resistor for one LED</source>
        <translation>Vorwiderstand für eine LED</translation>
    </message>
    <message>
        <source>supply</source>
        <translation>Speisung</translation>
    </message>
    <message>
        <source>Strip tester</source>
        <translation>Leistentester</translation>
    </message>
    <message>
        <source>LEDs in series</source>
        <translation>LEDs in Reihe</translation>
    </message>
    <message>
        <source>each</source>
        <translation>je</translation>
    </message>
    <message>
        <source>Supplies in series</source>
        <translation>Netzgeräte in Reihe</translation>
    </message>
    <message>
        <source>each gives at most</source>
        <translation>jedes gibt höchstens</translation>
    </message>
    <message>
        <source>terminals stand, to earth</source>
        <translation>Klemmen halten gegen Erde</translation>
    </message>
    <message>
        <source>Tester by a step-up module</source>
        <translation>Tester aus Aufwärtsmodul</translation>
    </message>
    <message>
        <source>current out</source>
        <translation>Ausgangsstrom</translation>
    </message>
    <message>
        <source>Junction temperature</source>
        <translation>Sperrschichttemperatur</translation>
    </message>
    <message>
        <source>room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>metal under one LED</source>
        <translation>Blech unter einer LED</translation>
    </message>
    <message>
        <source>air under the strip</source>
        <translation>Luft unter der Leiste</translation>
    </message>
    <message>
        <source>Cooler lasts longer</source>
        <translation>Kühler hält länger</translation>
    </message>
    <message>
        <source>hot</source>
        <translation>heiß</translation>
    </message>
    <message>
        <source>cooler</source>
        <translation>kühler</translation>
    </message>
    <message>
        <source>Less current lasts longer</source>
        <translation>Weniger Strom hält länger</translation>
    </message>
    <message>
        <source>current now</source>
        <translation>Strom jetzt</translation>
    </message>
    <message>
        <source>exponent</source>
        <translation>Exponent</translation>
    </message>
    <message>
        <source>Inverter output for a lamp</source>
        <translation>Inverterausgang für eine Lampe</translation>
    </message>
    <message>
        <source>inverter</source>
        <translation>Inverter</translation>
    </message>
    <message>
        <source>ballast</source>
        <translation>Vorschaltkondensator</translation>
    </message>
    <message>
        <source>stray</source>
        <translation>Streukapazität</translation>
    </message>
    <message>
        <source>Resonance and its shift</source>
        <translation>Resonanz und Verschiebung</translation>
    </message>
    <message>
        <source>film capacitor</source>
        <translation>Folienkondensator</translation>
    </message>
    <message>
        <source>it has drifted by</source>
        <translation>ist gedriftet um</translation>
    </message>
    <message>
        <source>Ring test</source>
        <translation>Klingeltest</translation>
    </message>
    <message>
        <source>quality Q</source>
        <translation>Güte Q</translation>
    </message>
    <message>
        <source>its supply</source>
        <translation>seine Versorgung</translation>
    </message>
    <message>
        <source>Type: {}.</source>
        <translation>Eingeben: {}.</translation>
    </message>
    <message>
        <source>{}: {} to {} only.</source>
        <translation>{}: nur {} bis {}.</translation>
    </message>
    <message>
        <source>No answer: {} is beyond all numbers.</source>
        <translation>Keine Antwort: {} liegt jenseits aller Zahlen.</translation>
    </message>
    <message>
        <source>{} is asked for in {}.</source>
        <translation>{} wird in {} erwartet.</translation>
    </message>
    <message>
        <source>Pieces cut at their marks, cut edges of metal-core strips filed</source>
        <translation>Stücke an den Marken geschnitten, Schnittkanten von Metallkern gefeilt</translation>
    </message>
    <message>
        <source>Copper stays back from the cut: creepage to the metal.</source>
        <translation>Kupfer bleibt vom Schnitt zurück: Kriechstrecke zum Metall.</translation>
    </message>
    <message>
        <source>Template laid on, checked by its measure; pieces taped flush to the plan</source>
        <translation>Schablone aufgelegt, am Maß geprüft; Stücke bündig nach Plan geklebt</translation>
    </message>
    <message>
        <source>A dimple or a rib under a strip cooks it.</source>
        <translation>Eine Delle oder Rippe unter einer Leiste verkocht sie.</translation>
    </message>
    <message>
        <source>Each piece: tester from LED+ to the chassis, nothing flows</source>
        <translation>Jedes Stück: Tester von LED+ ans Blech, nichts fließt</translation>
    </message>
    <message>
        <source>Module tried on a spare bar at the bench, current limited</source>
        <translation>Modul an Ersatzleiste am Tisch erprobt, strombegrenzt</translation>
    </message>
    <message>
        <source>Its open volts are LED+: hands off.</source>
        <translation>Seine Leerlaufspannung ist LED+: Hände weg.</translation>
    </message>
    <message>
        <source>volts on the bar</source>
        <translation>Spannung an der Leiste</translation>
    </message>
    <message>
        <source>The dead chip&apos;s fault output parked</source>
        <translation>Fehlerausgang des toten Chips festgelegt</translation>
    </message>
    <message>
        <source>Enable from BL_ON: off in standby, on with the set</source>
        <translation>Freigabe von BL_ON: aus im Standby, an mit dem Gerät</translation>
    </message>
    <message>
        <source>Open-load volts with nothing connected</source>
        <translation>Leerlaufspannung ohne Last</translation>
    </message>
    <message>
        <source>Manual range; it stays charged afterwards.</source>
        <translation>Fester Messbereich; er bleibt danach geladen.</translation>
    </message>
    <message>
        <source>open-load volts</source>
        <translation>Leerlaufspannung</translation>
    </message>
    <message>
        <source>Universal strips</source>
        <translation>Universalstreifen</translation>
    </message>
    <message>
        <source>Universal strips fitted</source>
        <translation>Universalstreifen eingebaut</translation>
    </message>
    <message>
        <source>Where the right strips are no longer made: cut only at marks, laid to a plan, flush on the metal.</source>
        <translation>Wo es die richtigen Leisten nicht mehr gibt: nur an Marken geschnitten, nach Plan gelegt, bündig auf dem Metall.</translation>
    </message>
    <message>
        <source>Strips of another make, fitted to this set: all LEDs are new.</source>
        <translation>Streifen anderer Herkunft, diesem Gerät angepasst: alle LEDs sind neu.</translation>
    </message>
    <message>
        <source>Renew all its electrolytics</source>
        <translation>Alle Elkos erneuern</translation>
    </message>
    <message>
        <source>Electrolytics renewed</source>
        <translation>Elkos erneuert</translation>
    </message>
    <message>
        <source>Capacitors of one board aged together; the large ones first, polarity by the print.</source>
        <translation>Elkos einer Platine altern gemeinsam; die großen zuerst, Polung nach Aufdruck.</translation>
    </message>
    <message>
        <source>All capacitors of the supply that wear out are renewed.</source>
        <translation>Alle Verschleißkondensatoren der Versorgung werden erneuert.</translation>
    </message>
    <message>
        <source>Substitute driver</source>
        <translation>Ersatztreiber</translation>
    </message>
    <message>
        <source>Substitute driver fitted</source>
        <translation>Ersatztreiber eingebaut</translation>
    </message>
    <message>
        <source>Where neither chip nor board is to be had: a module with limits of its own, in the place of the driver.</source>
        <translation>Wo weder Chip noch Platine zu haben ist: ein Modul mit eigenen Grenzen anstelle des Treibers.</translation>
    </message>
    <message>
        <source>A driver of another make lights the set; how bright it is may no longer be set.</source>
        <translation>Ein Treiber anderer Herkunft lässt das Gerät leuchten; die Helligkeit ist vielleicht nicht mehr einstellbar.</translation>
    </message>
    <message>
        <source>Take the protection out</source>
        <translation>Schutz herausnehmen</translation>
    </message>
    <message>
        <source>Protection taken out</source>
        <translation>Schutz herausgenommen</translation>
    </message>
    <message>
        <source>It is no repair.</source>
        <translation>Das ist keine Reparatur.</translation>
    </message>
    <message>
        <source>dark spot</source>
        <translation>dunkler Fleck</translation>
    </message>
    <message>
        <source>old ones stay</source>
        <translation>alte bleiben</translation>
    </message>
    <message>
        <source>tint may differ</source>
        <translation>Farbton kann abweichen</translation>
    </message>
    <message>
        <source>one batch</source>
        <translation>eine Charge</translation>
    </message>
    <message>
        <source>see the light map</source>
        <translation>siehe Lichtbild</translation>
    </message>
    <message>
        <source>The next fault burns the strip, or the set. As a bench diagnosis on a limited supply it may be noted.</source>
        <translation>Der nächste Fehler verbrennt die Leiste oder das Gerät. Als Diagnose am begrenzten Netzgerät darf es notiert werden.</translation>
    </message>
    <message>
        <source>brighter than its neighbours</source>
        <translation>heller als die Nachbarn</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>{} is no number for {}.</source>
        <translation>{} ist keine Zahl für {}.</translation>
    </message>
    <message>
        <source>barely to be seen</source>
        <translation>kaum zu sehen</translation>
    </message>
    <message>
        <source>shows on a white screen</source>
        <translation>zeigt sich auf weißem Bild</translation>
    </message>
    <message>
        <source>A fuse blows for something behind it: bridge, switch, varistor, shorted capacitor. Find that first.</source>
        <translation>Eine Sicherung fliegt wegen etwas dahinter: Brücke, Schalter, Varistor, kurzgeschlossener Kondensator. Das zuerst suchen.</translation>
    </message>
    <message>
        <source>An output diode dies of over-voltage or of a short behind it: output capacitor and divider too.</source>
        <translation>Eine Ausgangsdiode stirbt an Überspannung oder einem Kurzschluss dahinter: Ausgangselko und Teiler mit prüfen.</translation>
    </message>
    <message>
        <source>A switch takes its gate resistor, the sense resistor and often the chip with it: measure them too.</source>
        <translation>Ein Schalttransistor nimmt Gatewiderstand, Messwiderstand und oft den Chip mit: mit messen.</translation>
    </message>
    <message>
        <source>Heat and age: its row is as old; a hot part beside it dries it out again.</source>
        <translation>Wärme und Alter: seine Reihe ist so alt; ein heißes Teil daneben trocknet ihn wieder aus.</translation>
    </message>
    <message>
        <source>Pulse current wears it: the same value, pulse type, its twin as well.</source>
        <translation>Pulsstrom verschleißt ihn: gleicher Wert, Pulstyp, sein Zwilling auch.</translation>
    </message>
    <message>
        <source>It shorts when the rail ran away: see why before it is renewed.</source>
        <translation>Sie schließt kurz, wenn die Schiene davonlief: vor dem Erneuern klären, warum.</translation>
    </message>
    <message>
        <source>It opens when the switch beside it shorted: measure that too.</source>
        <translation>Er öffnet, wenn der Schalter daneben kurzschloss: den mit messen.</translation>
    </message>
    <message>
        <source>{} in {}</source>
        <translation>{} in {}</translation>
    </message>
    <message>
        <source>colour temperature</source>
        <translation>Farbtemperatur</translation>
    </message>
    <message>
        <source>{:.0f} K</source>
        <translation>{:.0f} K</translation>
    </message>
    <message>
        <source>apart, just visible steps</source>
        <translation>Abstand, eben sichtbare Stufen</translation>
    </message>
    <message>
        <source>White by a colour meter</source>
        <translation>Weiß nach Farbmessgerät</translation>
    </message>
    <message>
        <source>x</source>
        <translation>x</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>x of its neighbour</source>
        <translation>x des Nachbarn</translation>
    </message>
    <message>
        <source>y of its neighbour</source>
        <translation>y des Nachbarn</translation>
    </message>
    <message>
        <source>{} Renewed with it: {}.</source>
        <translation>{} Mit erneuert: {}.</translation>
    </message>
    <message>
        <source>of its twin</source>
        <translation>seines Zwillings</translation>
    </message>
    <message>
        <source>Worse than its twin: it goes first, whatever the limit says.</source>
        <translation>Schlechter als sein Zwilling: Er kommt zuerst heraus, was immer die Grenze sagt.</translation>
    </message>
    <message>
        <source>No worse than its twin.</source>
        <translation>Nicht schlechter als sein Zwilling.</translation>
    </message>
    <message>
        <source>Three figures or four: 154, 1003.</source>
        <translation>Drei Ziffern oder vier: 154, 1003.</translation>
    </message>
    <message>
        <source>a resistor</source>
        <translation>als Widerstand</translation>
    </message>
    <message>
        <source>a capacitor</source>
        <translation>als Kondensator</translation>
    </message>
    <message>
        <source>a coil</source>
        <translation>als Spule</translation>
    </message>
    <message>
        <source>its twin reads</source>
        <translation>sein Zwilling misst</translation>
    </message>
    <message>
        <source>Number printed on a part</source>
        <translation>Aufgedruckte Zahl eines Bauteils</translation>
    </message>
    <message>
        <source>printed, as 154 or 1003</source>
        <translation>Aufdruck, wie 154 oder 1003</translation>
    </message>
    <message>
        <source>Mains bridge</source>
        <translation>Netzgleichrichter</translation>
    </message>
    <message>
        <source>Diode mode, each leg both ways; mains out, the bulk measured empty first.</source>
        <translation>Diodentest, jeder Zweig in beide Richtungen; Netz aus, der Siebelko zuvor leer gemessen.</translation>
    </message>
    <message>
        <source>Primary switch</source>
        <translation>Primärschalter</translation>
    </message>
    <message>
        <source>Shorted mains bridge, which blew the fuse</source>
        <translation>Kurzgeschlossener Netzgleichrichter, der die Sicherung auslöste</translation>
    </message>
    <message>
        <source>Shorted primary switch, which blew the fuse</source>
        <translation>Kurzgeschlossener Primärschalter, der die Sicherung auslöste</translation>
    </message>
    <message>
        <source>volts that it sees</source>
        <translation>Spannung, die es sieht</translation>
    </message>
    <message>
        <source>current through it</source>
        <translation>Strom hindurch</translation>
    </message>
    <message>
        <source>measured at</source>
        <translation>gemessen bei</translation>
    </message>
    <message>
        <source>current as found</source>
        <translation>Strom wie vorgefunden</translation>
    </message>
    <message>
        <source>air under the strips as found</source>
        <translation>Luft unter den Leisten wie vorgefunden</translation>
    </message>
    <message>
        <source>room where it stands</source>
        <translation>Raum, in dem es steht</translation>
    </message>
    <message>
        <source>LEDs to a segment</source>
        <translation>LEDs je Segment</translation>
    </message>
    <message>
        <source>segment, mark to mark</source>
        <translation>Segment, Marke zu Marke</translation>
    </message>
    <message>
        <source>segments to a strip</source>
        <translation>Segmente je Leiste</translation>
    </message>
    <message>
        <source>volts of a segment</source>
        <translation>Spannung eines Segments</translation>
    </message>
    <message>
        <source>segments to a row</source>
        <translation>Segmente je Reihe</translation>
    </message>
    <message>
        <source>Gate to source {}; a good gate lets nothing through.</source>
        <translation>Gate gegen Source {}; ein gutes Gate lässt nichts durch.</translation>
    </message>
    <message>
        <source>It does not follow its gate: charged it is to conduct, joined with the source to block.</source>
        <translation>Er folgt seinem Gate nicht: geladen soll er leiten, mit Source verbunden sperren.</translation>
    </message>
    <message>
        <source>It follows its gate.</source>
        <translation>Er folgt seinem Gate.</translation>
    </message>
    <message>
        <source>{} Its gate has not been tried.</source>
        <translation>{} Sein Gate ist noch nicht geprüft.</translation>
    </message>
    <message>
        <source>Its output does not follow its LED.</source>
        <translation>Sein Ausgang folgt seiner LED nicht.</translation>
    </message>
    <message>
        <source>Its output {} while its LED is dark; a good one is open.</source>
        <translation>Sein Ausgang {} bei dunkler LED; ein guter ist offen.</translation>
    </message>
    <message>
        <source>Its output follows its LED.</source>
        <translation>Sein Ausgang folgt seiner LED.</translation>
    </message>
    <message>
        <source>Needs diode mode of its LED, or its output with the LED fed.</source>
        <translation>Braucht den Diodentest seiner LED oder seinen Ausgang bei gespeister LED.</translation>
    </message>
    <message>
        <source>Its LED {} one way; a good one 0.9 to 1.4 V, and nothing the other way.</source>
        <translation>Seine LED {} in einer Richtung; eine gute 0,9 bis 1,4 V, andersherum nichts.</translation>
    </message>
    <message>
        <source>{:.2f} V: a short, or nothing feeds it.</source>
        <translation>{:.2f} V: ein Kurzschluss, oder nichts speist sie.</translation>
    </message>
    <message>
        <source>{:.2f} V; what is printed on it?</source>
        <translation>{:.2f} V; was steht darauf?</translation>
    </message>
    <message>
        <source>{} It does not hold.</source>
        <translation>{} Sie begrenzt nicht.</translation>
    </message>
    <message>
        <source>{} What feeds it may stand lower: out of circuit, through 10 kΩ from a few volts more.</source>
        <translation>{} Was sie speist, kann niedriger liegen: ausgelötet, über 10 kΩ aus ein paar Volt mehr.</translation>
    </message>
    <message>
        <source>gate {}</source>
        <translation>Gate {}</translation>
    </message>
    <message>
        <source>switches</source>
        <translation>schaltet</translation>
    </message>
    <message>
        <source>does not switch</source>
        <translation>schaltet nicht</translation>
    </message>
    <message>
        <source>17.6V of 18V, or 0.7/OL</source>
        <translation>17,6V von 18V, oder 0,7/OL</translation>
    </message>
    <message>
        <source>gate OL, 0.55/OL, switches</source>
        <translation>Gate OL, 0,55/OL, schaltet</translation>
    </message>
    <message>
        <source>1.1/OL, switches</source>
        <translation>1,1/OL, schaltet</translation>
    </message>
    <message>
        <source>Its LED fades with heat and years; what it regulates ran away: measure that rail&apos;s capacitors.</source>
        <translation>Seine LED lässt mit Wärme und Jahren nach; was er regelt, lief hoch: die Kondensatoren dieser Schiene messen.</translation>
    </message>
    <message>
        <source>Gate to source first, in ohms; then diode mode, drain and source, both ways, of the supply&apos;s and of the power-factor stage&apos;s; mains out, the bulk measured empty first.</source>
        <translation>Erst Gate gegen Source, in Ohm; dann Diodentest, Drain und Source, beide Richtungen, des Netzteils und der PFC-Stufe; Netz aus, der Siebelko zuvor leer gemessen.</translation>
    </message>
    <message>
        <source>Feedback optocoupler</source>
        <translation>Optokoppler der Regelung</translation>
    </message>
    <message>
        <source>Diode mode of its LED; then its output, in ohms, with 5 to 10 mA through the LED and without. Set unplugged, the bulk measured empty first.</source>
        <translation>Diodentest seiner LED; dann sein Ausgang, in Ohm, mit 5 bis 10 mA durch die LED und ohne. Stecker gezogen, der Siebelko zuvor leer gemessen.</translation>
    </message>
    <message>
        <source>Zener of the driver&apos;s supply</source>
        <translation>Z-Diode der Treiberversorgung</translation>
    </message>
    <message>
        <source>Diode mode, both ways; then its volts, out of circuit, through 10 kΩ from a few volts more. Set unplugged.</source>
        <translation>Diodentest, beide Richtungen; dann ihre Spannung, ausgelötet, über 10 kΩ aus ein paar Volt mehr. Stecker gezogen.</translation>
    </message>
    <message>
        <source>Gate to source first, in ohms; then diode mode, drain and source, both ways; set unplugged.</source>
        <translation>Erst Gate gegen Source, in Ohm; dann Diodentest, Drain und Source, beide Richtungen; Stecker gezogen.</translation>
    </message>
    <message>
        <source>Gate to source first, in ohms; then diode mode, drain and source, both ways, against its twin; set unplugged.</source>
        <translation>Erst Gate gegen Source, in Ohm; dann Diodentest, Drain und Source, beide Richtungen, gegen das Gegenstück; Stecker gezogen.</translation>
    </message>
    <message>
        <source>Shorted zener of the driver&apos;s supply</source>
        <translation>Kurzgeschlossene Z-Diode der Treiberversorgung</translation>
    </message>
    <message>
        <source>What the blinking means</source>
        <translation>Wofür das Blinken steht</translation>
    </message>
    <message>
        <source>Blink code</source>
        <translation>Blinkcode</translation>
    </message>
    <message>
        <source>Only as this set&apos;s own label, menu or service sheet tells it for that count and colour: what another set means by it says nothing.</source>
        <translation>Nur wie es Aufkleber, Menü oder Serviceblatt dieses Geräts für diese Anzahl und Farbe sagen: was ein anderes Gerät damit meint, sagt nichts.</translation>
    </message>
    <message>
        <source>nobody tells</source>
        <translation>niemand sagt es</translation>
    </message>
    <message>
        <source>backlight</source>
        <translation>Hintergrundbeleuchtung</translation>
    </message>
    <message>
        <source>main board</source>
        <translation>Hauptplatine</translation>
    </message>
    <message>
        <source>panel or T-con</source>
        <translation>Panel oder T-Con</translation>
    </message>
    <message>
        <source>{} LEDs do not glow at {:.1f} V: it takes {:.0f} V at least.</source>
        <translation>{} LEDs leuchten nicht bei {:.1f} V: dazu braucht es mindestens {:.0f} V.</translation>
    </message>
    <message>
        <source>says of no lamp how it looks</source>
        <translation>sagt von keiner Lampe, wie sie aussieht</translation>
    </message>
    <message>
        <source>not looked at</source>
        <translation>nicht angesehen</translation>
    </message>
    <message>
        <source>dim at the ends</source>
        <translation>an den Enden dunkel</translation>
    </message>
    <message>
        <source>reddish</source>
        <translation>rötlich</translation>
    </message>
    <message>
        <source>Looks of the lamps</source>
        <translation>Aussehen der Lampen</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>In the seconds of light, through the vents, at the edge or by a phone&apos;s video, later with the panel open: each lamp by itself.</source>
        <translation>In den Sekunden mit Licht, durch die Schlitze, am Rand oder im Video eines Telefons, später bei offenem Panel: jede Lampe für sich.</translation>
    </message>
    <message>
        <source>has too long a colour</source>
        <translation>hat eine zu lange Farbe</translation>
    </message>
    <message>
        <source>one flickers</source>
        <translation>eine flackert</translation>
    </message>
    <message>
        <source>one is dim or reddish</source>
        <translation>eine ist matt oder rötlich</translation>
    </message>
    <message>
        <source>one is dark</source>
        <translation>eine ist dunkel</translation>
    </message>
    <message>
        <source>a half is dark</source>
        <translation>eine Hälfte ist dunkel</translation>
    </message>
    <message>
        <source>Open output diode</source>
        <translation>Unterbrochene Ausgangsdiode</translation>
    </message>
    <message>
        <source>Lamps worn together</source>
        <translation>Lampen zusammen verbraucht</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BacklightMap</name>
    <message>
        <source>Backlight map</source>
        <translation>Karte des Hintergrundlichts</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>lit</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>dim</source>
        <translation>schwach</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>shorted</source>
        <translation>kurzgeschlossen</translation>
    </message>
    <message>
        <source>%1 %2, %3 % faulty</source>
        <translation>%1 %2, zu %3 % defekt</translation>
    </message>
    <message>
        <source>%L1 V</source>
        <translation>%L1 V</translation>
    </message>
    <message>
        <source>LED+</source>
        <translation>LED+</translation>
    </message>
    <message>
        <source>expect %L1 V</source>
        <translation>erwartet %L1 V</translation>
    </message>
    <message>
        <source>read %L1 V, unlike its twins</source>
        <translation>gemessen %L1 V, anders als die Geschwister</translation>
    </message>
    <message>
        <source>read %L1 V</source>
        <translation>gemessen %L1 V</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>probe %1</source>
        <translation>Messung %1</translation>
    </message>
    <message>
        <source>none lit</source>
        <translation>keine leuchtet</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BandGlyph</name>
    <message>
        <source>%L1 V; a healthy set reads %L2 … %L3 V</source>
        <translation>%L1 V; ein gesundes Gerät zeigt %L2 … %L3 V</translation>
    </message>
    <message>
        <source>as a healthy set</source>
        <translation>wie ein gesundes Gerät</translation>
    </message>
    <message>
        <source>not as a healthy set</source>
        <translation>nicht wie ein gesundes Gerät</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BeliefPanel</name>
    <message>
        <source>What is left</source>
        <translation>Was noch bleibt</translation>
    </message>
    <message>
        <source>for: %1</source>
        <translation>dafür: %1</translation>
    </message>
    <message>
        <source>against: %1</source>
        <translation>dagegen: %1</translation>
    </message>
    <message>
        <source>No test would tell more</source>
        <translation>Keine Messung würde mehr sagen</translation>
    </message>
    <message>
        <source>Plan the fix</source>
        <translation>Reparatur planen</translation>
    </message>
    <message>
        <source>Ctrl+Enter</source>
        <translation>Strg+Enter</translation>
    </message>
    <message>
        <source>Live: one hand, rated leads</source>
        <translation>Unter Spannung: eine Hand, geeignete Leitungen</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>Go to it</source>
        <translation>Dorthin</translation>
    </message>
    <message>
        <source>to be surer</source>
        <translation>um sicherer zu sein</translation>
    </message>
    <message>
        <source>or</source>
        <translation>oder</translation>
    </message>
    <message>
        <source>Next probe</source>
        <translation>Nächste Messung</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>These do not fit together</source>
        <translation>Das passt nicht zusammen</translation>
    </message>
    <message>
        <source>Without &quot;%1&quot; the rest fits. Take it again: the right point, the right digits?</source>
        <translation>Ohne „%1“ passt der Rest. Noch einmal messen: der richtige Punkt, die richtigen Ziffern?</translation>
    </message>
    <message>
        <source>No single reading is to blame. It may be a kind of set or fault that is not thought of here.</source>
        <translation>Keine einzelne Messung ist schuld. Vielleicht ist es ein Gerät oder Fehler, an den hier nicht gedacht ist.</translation>
    </message>
    <message>
        <source>%L1 min</source>
        <translation>%L1 min</translation>
    </message>
    <message>
        <source>Look at the strips</source>
        <translation>Die Leisten ansehen</translation>
    </message>
    <message>
        <source>Outside and board have told what they can. Open the panel and write down what strips there are; then each can be probed.</source>
        <translation>Von außen und an der Platine ist gesagt, was zu sagen ist. Panel öffnen und aufschreiben, welche Leisten es sind; dann lässt sich jede prüfen.</translation>
    </message>
    <message>
        <source>Describe them</source>
        <translation>Beschreiben</translation>
    </message>
    <message>
        <source>Cannot reach it</source>
        <translation>Nicht zu erreichen</translation>
    </message>
    <message>
        <source>Ctrl+Del</source>
        <translation>Strg+Entf</translation>
    </message>
    <message>
        <source>It is not there, or no probe gets to it: it is not asked for again.</source>
        <translation>Es gibt ihn nicht, oder keine Prüfspitze kommt hin: nach diesem Punkt wird nicht mehr gefragt.</translation>
    </message>
    <message>
        <source>No reading speaks for or against it: this is how often it happens.</source>
        <translation>Kein Messwert spricht dafür oder dagegen: so oft kommt es vor.</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Etwas anderes</translation>
    </message>
    <message>
        <source>Or mend it now: %1 costs less than knowing (%2 % it is that).</source>
        <translation>Oder gleich richten: %1 kostet weniger als Wissen (zu %2 % ist es das).</translation>
    </message>
    <message>
        <source>%1 explanations</source>
        <translation>%1 Erklärungen</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>why?</source>
        <translation>warum?</translation>
    </message>
    <message>
        <source>Alt+W</source>
        <translation>Alt+W</translation>
    </message>
    <message>
        <source>No test at hand would tell more</source>
        <translation>Keine Prüfung, für die das Werkzeug da ist, sagt mehr</translation>
    </message>
    <message>
        <source>over 1000 ×</source>
        <translation>über 1000 ×</translation>
    </message>
    <message>
        <source>%L1 ×</source>
        <translation>%L1 ×</translation>
    </message>
    <message>
        <source>So much likelier under it than otherwise.</source>
        <translation>So viel wahrscheinlicher damit als sonst.</translation>
    </message>
    <message>
        <source>So much less likely under it than otherwise.</source>
        <translation>So viel unwahrscheinlicher damit als sonst.</translation>
    </message>
    <message>
        <source>It fits because</source>
        <translation>Es passt, weil</translation>
    </message>
    <message>
        <source>or it fits because …</source>
        <translation>oder es passt, weil …</translation>
    </message>
    <message>
        <source>%L1 min    %2</source>
        <translation>%L1 min    %2</translation>
    </message>
    <message>
        <source>Not at hand: %1. With it: %2.</source>
        <translation>Nicht vorhanden: %1. Damit: %2.</translation>
    </message>
    <message>
        <source>The repair is to be proven</source>
        <translation>Die Reparatur ist zu prüfen</translation>
    </message>
    <message>
        <source>Ready to be handed back</source>
        <translation>Bereit zur Rückgabe</translation>
    </message>
    <message>
        <source>Chosen: %1</source>
        <translation>Gewählt: %1</translation>
    </message>
    <message>
        <source>Prove it</source>
        <translation>Reparatur prüfen</translation>
    </message>
    <message>
        <source>Hand it back</source>
        <translation>Zurückgeben</translation>
    </message>
    <message>
        <source>The set has been described otherwise since it was taken: is that right?</source>
        <translation>Das Gerät wurde seit dieser Messung anders beschrieben: Stimmt das?</translation>
    </message>
    <message>
        <source>The set has been described otherwise since readings were taken: is that right?</source>
        <translation>Das Gerät wurde seit den Messungen anders beschrieben: Stimmt das?</translation>
    </message>
    <message>
        <source>Live: only for the trained and equipped, Alt+A says so</source>
        <translation>Unter Spannung: nur wer geschult und ausgerüstet ist, Alt+A sagt es</translation>
    </message>
    <message>
        <source>Live work is not accepted (Alt+A). With it: %1.</source>
        <translation>Arbeit unter Spannung ist nicht freigegeben (Alt+A). Mit ihr: %1.</translation>
    </message>
    <message>
        <source>the verdict waits for it</source>
        <translation>das Urteil wartet darauf</translation>
    </message>
    <message>
        <source>The repair is to be done</source>
        <translation>Die Reparatur ist auszuführen</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Ausführen</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Make safe first</source>
        <translation>Erst entladen</translation>
    </message>
    <message>
        <source>First measure it empty: %1</source>
        <translation>Erst leer messen: %1</translation>
    </message>
    <message>
        <source>then</source>
        <translation>dann</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BeliefRiver</name>
    <message>
        <source>How belief went over the trail</source>
        <translation>Wie sich der Verdacht entwickelt hat</translation>
    </message>
    <message>
        <source>first entry</source>
        <translation>erster Eintrag</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BenchMaths</name>
    <message>
        <source>Bench maths</source>
        <translation>Werkbankrechner</translation>
    </message>
    <message>
        <source>Pin to the job</source>
        <translation>An den Auftrag heften</translation>
    </message>
    <message>
        <source>Alt+P</source>
        <translation>Alt+P</translation>
    </message>
    <message>
        <source>Sums</source>
        <translation>Rechnungen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Taken as usual: %1.</source>
        <translation>Als üblich genommen: %1.</translation>
    </message>
    <message>
        <source>Pinned: %1</source>
        <translation>Angeheftet: %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BoardEntry</name>
    <message>
        <source>Write</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Printed on it</source>
        <translation>Aufdruck</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>How it looks</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>How it looks: Alt+1 to Alt+8</source>
        <translation>Aussehen: Alt+1 bis Alt+8</translation>
    </message>
    <message>
        <source>looks …</source>
        <translation>Aussehen …</translation>
    </message>
    <message>
        <source>What the set does while this is read (Alt+T)</source>
        <translation>Was das Gerät tut, während dies gemessen wird (Alt+T)</translation>
    </message>
    <message>
        <source>%1   Alt+T</source>
        <translation>%1   Alt+T</translation>
    </message>
    <message>
        <source>Alt+A first</source>
        <translation>erst Alt+A</translation>
    </message>
    <message>
        <source>printed on it: %1</source>
        <translation>Aufdruck: %1</translation>
    </message>
    <message>
        <source>label: %1</source>
        <translation>Beschriftung: %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BoardPicture</name>
    <message>
        <source>The boards of this set</source>
        <translation>Die Platinen dieses Geräts</translation>
    </message>
    <message>
        <source>hot side</source>
        <translation>heiße Seite</translation>
    </message>
    <message>
        <source>hot side, %1</source>
        <translation>heiße Seite, %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::BoardStation</name>
    <message>
        <source>Board</source>
        <translation>Platine</translation>
    </message>
    <message>
        <source>, channel %1</source>
        <translation>, Kanal %1</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>write down</source>
        <translation>notiert</translation>
    </message>
    <message>
        <source>, feed %1</source>
        <translation>, Speisung %1</translation>
    </message>
    <message>
        <source>LED+ × %1</source>
        <translation>LED+ × %1</translation>
    </message>
    <message>
        <source>Alt+F</source>
        <translation>Alt+F</translation>
    </message>
    <message>
        <source>Which boards the set has (Alt+S).</source>
        <translation>Welche Platinen das Gerät hat (Alt+S).</translation>
    </message>
    <message>
        <source>How many LED+ the board has (Alt+F). Each has readings of its own.</source>
        <translation>Wie viele LED+ die Platine hat (Alt+F). Jede hat eigene Messwerte.</translation>
    </message>
    <message>
        <source>Alt+S</source>
        <translation>Alt+S</translation>
    </message>
    <message>
        <source>What a healthy set reads is not known yet.</source>
        <translation>Was ein gesundes Gerät zeigt, ist noch nicht bekannt.</translation>
    </message>
    <message>
        <source>expect %L1 … %L2 V</source>
        <translation>erwartet %L1 … %L2 V</translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <translation>%1: %2 %3</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>Printed on %1</source>
        <translation>Aufdruck von %1</translation>
    </message>
    <message>
        <source>Kind of set</source>
        <translation>Geräteart</translation>
    </message>
    <message>
        <source>← ↑ ↓ →</source>
        <translation>← ↑ ↓ →</translation>
    </message>
    <message>
        <source>point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>Alt+1…8</source>
        <translation>Alt+1…8</translation>
    </message>
    <message>
        <source>looks</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>boards</source>
        <translation>Platinen</translation>
    </message>
    <message>
        <source>LED+</source>
        <translation>LED+</translation>
    </message>
    <message>
        <source>184 · 184 &gt; 48 falls · 48 ~ 184 wanders</source>
        <translation>184 · 184 &gt; 48 fällt · 48 ~ 184 wandert</translation>
    </message>
    <message>
        <source>the state it asks for</source>
        <translation>wie gefragt</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source>Readings with the set on are taken by those who are trained for them; say so first.</source>
        <translation>Am eingeschalteten Gerät misst nur, wer dafür ausgebildet ist; bitte zuerst bestätigen.</translation>
    </message>
    <message>
        <source>Pictures of %1</source>
        <translation>Bilder von %1</translation>
    </message>
    <message>
        <source>Alt+I</source>
        <translation>Alt+I</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ChargeBadge</name>
    <message>
        <source>mains in · lamps kV</source>
        <translation>Netz an · Lampen kV</translation>
    </message>
    <message>
        <source>mains in</source>
        <translation>Netz an</translation>
    </message>
    <message>
        <source>charge not known</source>
        <translation>Ladung unbekannt</translation>
    </message>
    <message>
        <source>LED+ charged</source>
        <translation>LED+ geladen</translation>
    </message>
    <message>
        <source>charged</source>
        <translation>geladen</translation>
    </message>
    <message>
        <source>safe to touch</source>
        <translation>berührbar</translation>
    </message>
    <message>
        <source>measured empty</source>
        <translation>leer gemessen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ChargeRow</name>
    <message>
        <source>Residual, V</source>
        <translation>Restspannung, V</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>stays on</source>
        <translation>bleibt dran</translation>
    </message>
    <message>
        <source>Alt+R</source>
        <translation>Alt+R</translation>
    </message>
    <message>
        <source>It stays across the capacitor: nothing rebounds, and what was measured does not fade.</source>
        <translation>Er bleibt über dem Kondensator: Nichts kommt zurück, und das Gemessene verblasst nicht.</translation>
    </message>
    <message>
        <source>up to %L1 V, %2%3: %L4 J%5</source>
        <translation>bis %L1 V, %2%3: %L4 J%5</translation>
    </message>
    <message>
        <source>say </source>
        <translation>etwa </translation>
    </message>
    <message>
        <source> · black on the hot minus</source>
        <translation> · Schwarz ans heiße Minus</translation>
    </message>
    <message>
        <source> · black on the chassis</source>
        <translation> · Schwarz ans Chassis</translation>
    </message>
    <message>
        <source>At %L1 V in %L2 s.</source>
        <translation>In %L2 s bei %L1 V.</translation>
    </message>
    <message>
        <source>It has about %L1 µF.</source>
        <translation>Er hat etwa %L1 µF.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ClosingCard</name>
    <message>
        <source>Close</source>
        <translation>Zusammenbau</translation>
    </message>
    <message>
        <source>It came out wrong: mend it, then look again.</source>
        <translation>Es war nicht in Ordnung: beheben, dann noch einmal ansehen.</translation>
    </message>
    <message>
        <source>%1 %2 of %3 left.</source>
        <translation>%1 Noch %2 von %3.</translation>
    </message>
    <message>
        <source>Closed, looked at and listened to.</source>
        <translation>Zu, angesehen und angehört.</translation>
    </message>
    <message>
        <source>%1: count it in, then put it on</source>
        <translation>%1: einzählen, dann aufsetzen</translation>
    </message>
    <message>
        <source>in</source>
        <translation>drin</translation>
    </message>
    <message>
        <source>came without</source>
        <translation>fehlten schon</translation>
    </message>
    <message>
        <source>broke</source>
        <translation>gebrochen</translation>
    </message>
    <message>
        <source>%1 to count</source>
        <translation>%1 zu zählen</translation>
    </message>
    <message>
        <source>%1 left over</source>
        <translation>%1 übrig</translation>
    </message>
    <message>
        <source>All of it in</source>
        <translation>Alles drin</translation>
    </message>
    <message>
        <source>Alt+I</source>
        <translation>Alt+I</translation>
    </message>
    <message>
        <source>%1 on</source>
        <translation>%1 aufgesetzt</translation>
    </message>
    <message>
        <source>Alt+O</source>
        <translation>Alt+O</translation>
    </message>
    <message>
        <source>How many are in</source>
        <translation>Wie viele drin sind</translation>
    </message>
    <message>
        <source>How many it came without</source>
        <translation>Wie viele schon fehlten</translation>
    </message>
    <message>
        <source>How many broke</source>
        <translation>Wie viele gebrochen sind</translation>
    </message>
    <message>
        <source>They are counted whole.</source>
        <translation>Gezählt wird in ganzen Stücken.</translation>
    </message>
    <message>
        <source>Counted</source>
        <translation>Gezählt</translation>
    </message>
    <message>
        <source>As it should be</source>
        <translation>Wie es sein soll</translation>
    </message>
    <message>
        <source>Alt+G</source>
        <translation>Alt+G</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Nicht so</translation>
    </message>
    <message>
        <source>Alt+N</source>
        <translation>Alt+N</translation>
    </message>
    <message>
        <source>Found, and in</source>
        <translation>Gefunden, drin</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Gefunden</translation>
    </message>
    <message>
        <source>Why it stays out</source>
        <translation>Warum es draußen bleibt</translation>
    </message>
    <message>
        <source>or why it stays out, Enter</source>
        <translation>oder warum es draußen bleibt, Enter</translation>
    </message>
    <message>
        <source>Signed off</source>
        <translation>Bewusst draußen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ClosingLine</name>
    <message>
        <source>Steps of closing</source>
        <translation>Schritte des Zusammenbaus</translation>
    </message>
</context>
<context>
    <name>dimglow::app::CurrentCard</name>
    <message>
        <source>Current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>resistors as found</source>
        <translation>Widerstände vorgefunden</translation>
    </message>
    <message>
        <source>R22 || R22</source>
        <translation>R22 || R22</translation>
    </message>
    <message>
        <source>measured at brightness</source>
        <translation>gemessen bei Helligkeit</translation>
    </message>
    <message>
        <source>full, menu 100</source>
        <translation>voll, Menü 100</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>its resistors</source>
        <translation>seine Widerstände</translation>
    </message>
    <message>
        <source>at brightness</source>
        <translation>bei Helligkeit</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>Current as found</source>
        <translation>Strom vorgefunden</translation>
    </message>
    <message>
        <source>Write it as R22, 0.22 || 0.33 or 12k.</source>
        <translation>Schreiben als R22, 0,22 || 0,33 oder 12k.</translation>
    </message>
    <message>
        <source>Resistors as found</source>
        <translation>Widerstände vorgefunden</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>life × %1 · light %2 %</source>
        <translation>Leben × %1 · Licht %2 %</translation>
    </message>
    <message>
        <source>more ohms: less current</source>
        <translation>mehr Ohm: weniger Strom</translation>
    </message>
    <message>
        <source>100 to 300 Ω neither sense a current nor set one: read them again.</source>
        <translation>100 bis 300 Ω messen weder einen Strom noch stellen sie ihn ein: noch einmal ablesen.</translation>
    </message>
    <message>
        <source>Write down the current and its resistors as found: then what less of it takes.</source>
        <translation>Strom und Widerstände aufschreiben, wie vorgefunden: dann, was weniger davon braucht.</translation>
    </message>
    <message>
        <source>%1 mA</source>
        <translation>%1 mA</translation>
    </message>
    <message>
        <source>mm; empty: flush</source>
        <translation>mm; leer: bündig</translation>
    </message>
    <message>
        <source>air under strips</source>
        <translation>Luft unter Leisten</translation>
    </message>
    <message>
        <source>Air under the strips</source>
        <translation>Luft unter den Leisten</translation>
    </message>
    <message>
        <source>junctions %1 °C as found, %2 (%3 to %4) flush: life × %5</source>
        <translation>Sperrschichten %1 °C vorgefunden, %2 (%3 bis %4) bündig: Leben × %5</translation>
    </message>
    <message>
        <source>25</source>
        <translation>25</translation>
    </message>
    <message>
        <source>its room, °C</source>
        <translation>sein Raum, °C</translation>
    </message>
    <message>
        <source>Room where it stands</source>
        <translation>Raum, in dem es steht</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FiguresSheet</name>
    <message>
        <source>New LED against the old one</source>
        <translation>Neue LED gegen die alte</translation>
    </message>
    <message>
        <source>New strip against the old one</source>
        <translation>Neue Leiste gegen die alte</translation>
    </message>
    <message>
        <source>Substitute driver</source>
        <translation>Ersatztreiber</translation>
    </message>
    <message>
        <source>old</source>
        <translation>alt</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>package</source>
        <translation>Bauform</translation>
    </message>
    <message>
        <source>plus pad (large, small, left, right)</source>
        <translation>Plus-Pad (groß, klein, links, rechts)</translation>
    </message>
    <message>
        <source>white: bin, or beside a good one</source>
        <translation>Weiß: Klasse, oder neben einer guten</translation>
    </message>
    <message>
        <source>LEDs</source>
        <translation>LEDs</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>side, L or R</source>
        <translation>Seite, L oder R</translation>
    </message>
    <message>
        <source>lens</source>
        <translation>Linse</translation>
    </message>
    <message>
        <source>batch</source>
        <translation>Charge</translation>
    </message>
    <message>
        <source>yes, no</source>
        <translation>ja, nein</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>current limit of its own</source>
        <translation>eigene Strombegrenzung</translation>
    </message>
    <message>
        <source>follows DIM</source>
        <translation>folgt DIM</translation>
    </message>
    <message>
        <source>: %1, needed %2</source>
        <translation>: %1, gebraucht %2</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>New part against the old one</source>
        <translation>Neues Teil gegen das alte</translation>
    </message>
    <message>
        <source>old, as printed</source>
        <translation>alt, wie aufgedruckt</translation>
    </message>
    <message>
        <source>new, as printed</source>
        <translation>neu, wie aufgedruckt</translation>
    </message>
    <message>
        <source>as printed</source>
        <translation>wie aufgedruckt</translation>
    </message>
    <message>
        <source>Write as printed: %1</source>
        <translation>Schreiben wie aufgedruckt: %1</translation>
    </message>
    <message>
        <source>Write yes or no.</source>
        <translation>Ja oder nein schreiben.</translation>
    </message>
    <message>
        <source>large</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FirstLookStation</name>
    <message>
        <source>First look</source>
        <translation>Erster Blick</translation>
    </message>
    <message>
        <source>no light at all</source>
        <translation>gar kein Licht</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>stays lit</source>
        <translation>leuchtet weiter</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>1 2 3</source>
        <translation>1 2 3</translation>
    </message>
    <message>
        <source>answer</source>
        <translation>antworten</translation>
    </message>
    <message>
        <source>no light</source>
        <translation>kein Licht</translation>
    </message>
    <message>
        <source>Life</source>
        <translation>Leben</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>From outside, nothing opened. A picture under the torch: nineteen times in twenty the backlight path.</source>
        <translation>Von außen, nichts geöffnet. Ein Bild unter der Lampe: in neunzehn von zwanzig Fällen liegt es am Hintergrundlicht.</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>All questions</source>
        <translation>Alle Fragen</translation>
    </message>
    <message>
        <source>Space: tap along</source>
        <translation>Leertaste: mittippen</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Alt+%1</source>
        <translation>Alt+%1</translation>
    </message>
    <message>
        <source>or type seconds</source>
        <translation>oder Sekunden</translation>
    </message>
    <message>
        <source>or type how often</source>
        <translation>oder wie oft</translation>
    </message>
    <message>
        <source>↑ ↓ ← →</source>
        <translation>↑ ↓ ← →</translation>
    </message>
    <message>
        <source>question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>hold while lit</source>
        <translation>halten, solange es leuchtet</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>write</source>
        <translation>notieren</translation>
    </message>
    <message>
        <source>Alt+1…</source>
        <translation>Alt+1…</translation>
    </message>
    <message>
        <source>count</source>
        <translation>zählen</translation>
    </message>
    <message>
        <source>write the count</source>
        <translation>Zahl notieren</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1-mal</translation>
    </message>
    <message>
        <source>%1, not written down yet: Enter</source>
        <translation>%1, noch nicht notiert: Enter</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FirstStart</name>
    <message>
        <source>Take in the first job</source>
        <translation>Den ersten Auftrag aufnehmen</translation>
    </message>
    <message>
        <source>Say what the set does; after each line the sheet knows what is left and which probe is worth its minutes.</source>
        <translation>Sagen, was das Gerät tut; nach jeder Zeile weiß das Blatt, was übrig ist und welche Messung sich lohnt.</translation>
    </message>
    <message>
        <source>New job</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>Ctrl+N</source>
        <translation>Strg+N</translation>
    </message>
    <message>
        <source>Look at the demo workshop</source>
        <translation>Die Vorführwerkstatt ansehen</translation>
    </message>
    <message>
        <source>A ferry company&apos;s displays in every stage of repair, in a logbook of their own.</source>
        <translation>Die Anzeigen einer Fährgesellschaft in jedem Stand der Reparatur, in einem eigenen Logbuch.</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Vorführung öffnen</translation>
    </message>
    <message>
        <source>Bring a job</source>
        <translation>Einen Auftrag mitbringen</translation>
    </message>
    <message>
        <source>A job file, or a zip with its pictures, from another bench.</source>
        <translation>Eine Auftragsdatei, oder ein Zip mit Bildern, von einer anderen Werkbank.</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>Ctrl+O</source>
        <translation>Strg+O</translation>
    </message>
    <message>
        <source>The head of your reports, if you like</source>
        <translation>Der Kopf Ihrer Berichte, wenn Sie möchten</translation>
    </message>
    <message>
        <source>Workshop</source>
        <translation>Werkstatt</translation>
    </message>
    <message>
        <source>Address or phone</source>
        <translation>Anschrift oder Telefon</translation>
    </message>
    <message>
        <source>Rate per h</source>
        <translation>Satz je h</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FixChart</name>
    <message>
        <source>%1: %2 %3, comes back %4 to %5 %</source>
        <translation>%1: %2 %3, kommt zu %4 bis %5 % zurück</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 before any comeback →</source>
        <translation>%1 vor einer Rückkehr →</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FixPlanStation</name>
    <message>
        <source>Fix plan</source>
        <translation>Reparaturplan</translation>
    </message>
    <message>
        <source>Rate per h</source>
        <translation>Satz je h</translation>
    </message>
    <message>
        <source>Promised, h of light</source>
        <translation>Zugesagt, h Licht</translation>
    </message>
    <message>
        <source>Goodwill</source>
        <translation>Kulanz</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>advised</source>
        <translation>empfohlen</translation>
    </message>
    <message>
        <source>stop-gap</source>
        <translation>Notbehelf</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>chosen</source>
        <translation>gewählt</translation>
    </message>
    <message>
        <source>Not certain yet: %1, %2 %</source>
        <translation>Noch nicht sicher: %1, %2 %</translation>
    </message>
    <message>
        <source>Repair: %1</source>
        <translation>Reparatur: %1</translation>
    </message>
    <message>
        <source>choose</source>
        <translation>wählen</translation>
    </message>
    <message>
        <source>Restocking</source>
        <translation>Rücknahme</translation>
    </message>
    <message>
        <source>not to be had</source>
        <translation>nicht zu haben</translation>
    </message>
    <message>
        <source>no parts</source>
        <translation>keine Teile</translation>
    </message>
    <message>
        <source>They are not to be had.</source>
        <translation>Sie sind nicht zu haben.</translation>
    </message>
    <message>
        <source>Not to be had</source>
        <translation>Nicht zu haben</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>What the parts cost</source>
        <translation>Was die Teile kosten</translation>
    </message>
    <message>
        <source>Days until they come</source>
        <translation>Tage, bis sie kommen</translation>
    </message>
    <message>
        <source>How LEDs age</source>
        <translation>LED-Alterung</translation>
    </message>
    <message>
        <source>Weibull β: 1 at any age alike, 2.5 the older the likelier</source>
        <translation>Weibull β: 1 in jedem Alter gleich, 2,5 je älter, desto eher</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>1 day</source>
        <translation>1 Tag</translation>
    </message>
    <message>
        <source>%1 days</source>
        <translation>%1 Tage</translation>
    </message>
    <message>
        <source>plan it first</source>
        <translation>erst planen</translation>
    </message>
    <message>
        <source>too late</source>
        <translation>zu spät</translation>
    </message>
    <message>
        <source>Whose set it is: a comeback of one&apos;s own costs no goodwill.</source>
        <translation>Wessen Gerät es ist: eine Rückkehr des eigenen kostet keine Kulanz.</translation>
    </message>
    <message>
        <source>What it costs, and how likely it comes back</source>
        <translation>Was es kostet, und wie leicht es zurückkommt</translation>
    </message>
    <message>
        <source>seen at</source>
        <translation>gesehen bei</translation>
    </message>
    <message>
        <source>Where the price was seen</source>
        <translation>Wo der Preis gesehen wurde</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>To order</source>
        <translation>Bestellen</translation>
    </message>
    <message>
        <source>Match</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>M</source>
        <translation>M</translation>
    </message>
    <message>
        <source>Universal strips</source>
        <translation>Universalstreifen</translation>
    </message>
    <message>
        <source>U</source>
        <translation>U</translation>
    </message>
    <message>
        <source>List as CSV</source>
        <translation>Liste als CSV</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>%1 · %2 d</source>
        <translation>%1 · %2 T</translation>
    </message>
    <message>
        <source>Alt+O</source>
        <translation>Alt+O</translation>
    </message>
    <message>
        <source>If a comeback costs you, beside the second job,</source>
        <translation>Kostet eine Rückkehr neben der zweiten Arbeit</translation>
    </message>
    <message>
        <source>under %1 %2</source>
        <translation>unter %1 %2</translation>
    </message>
    <message>
        <source>over %1 %2</source>
        <translation>über %1 %2</translation>
    </message>
    <message>
        <source>here: %1 %2</source>
        <translation>hier: %1 %2</translation>
    </message>
    <message>
        <source>However dear a comeback gets, the order stays.</source>
        <translation>So teuer eine Rückkehr auch wird, die Reihenfolge bleibt.</translation>
    </message>
    <message>
        <source>comeback at most %1 (%2)</source>
        <translation>Rückkehr höchstens %1 (%2)</translation>
    </message>
    <message>
        <source>comeback %1, between %2 and %3 % (%4)</source>
        <translation>Rückkehr %1, zwischen %2 und %3 % (%4)</translation>
    </message>
    <message>
        <source>mends %1 %</source>
        <translation>behebt %1 %</translation>
    </message>
    <message>
        <source>glass risk %1 %</source>
        <translation>Glasbruch %1 %</translation>
    </message>
    <message>
        <source>Refused: %1. %2</source>
        <translation>Abgelehnt: %1. %2</translation>
    </message>
    <message>
        <source>A light guide spreads their light: no picture.</source>
        <translation>Ein Lichtleiter verteilt ihr Licht: kein Bild.</translation>
    </message>
    <message>
        <source>Describe the strips first.</source>
        <translation>Erst die Leisten beschreiben.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>as planned · darkest over mean: found %1, planned %2</source>
        <translation>wie geplant · dunkelstes durch Mittel: vorgefunden %1, geplant %2</translation>
    </message>
    <message>
        <source>Order before the glass is opened: it is needed anyway.</source>
        <translation>Vor dem Öffnen des Glases bestellen: es wird ohnehin gebraucht.</translation>
    </message>
    <message>
        <source>Nothing to buy yet.</source>
        <translation>Noch nichts zu kaufen.</translation>
    </message>
    <message>
        <source>Whose set</source>
        <translation>Wessen Gerät</translation>
    </message>
    <message>
        <source>Save the list</source>
        <translation>Liste sichern</translation>
    </message>
    <message>
        <source>Lists (*.csv)</source>
        <translation>Listen (*.csv)</translation>
    </message>
    <message>
        <source>1 … 9</source>
        <translation>1 … 9</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>look at</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>E</source>
        <translation>E</translation>
    </message>
    <message>
        <source>price, days</source>
        <translation>Preis, Tage</translation>
    </message>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>our own set</source>
        <translation>eigenes Gerät</translation>
    </message>
    <message>
        <source>customer&apos;s set</source>
        <translation>Kundengerät</translation>
    </message>
    <message>
        <source>whose set?</source>
        <translation>wessen Gerät?</translation>
    </message>
    <message>
        <source>From %1 h promised: %2</source>
        <translation>Ab %1 h versprochen: %2</translation>
    </message>
    <message>
        <source>Up to %1 h promised: %2</source>
        <translation>Bis %1 h versprochen: %2</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gesichert %1</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
</context>
<context>
    <name>dimglow::app::FixRows</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>%1 d</source>
        <translation>%1 T</translation>
    </message>
    <message>
        <source>as before</source>
        <translation>wie zuvor</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>money</source>
        <translation>Geld</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>looks</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>%1 to %2 %</source>
        <translation>%1 bis %2 %</translation>
    </message>
    <message>
        <source>comes back</source>
        <translation>kommt zurück</translation>
    </message>
</context>
<context>
    <name>dimglow::app::GapQuestion</name>
    <message>
        <source>Minutes that were work</source>
        <translation>Minuten, die Arbeit waren</translation>
    </message>
    <message>
        <source>minutes, 0 for none</source>
        <translation>Minuten, 0 für keine</translation>
    </message>
    <message>
        <source>Nothing was ticked from %1 to %2: how many of the %3 minutes were work?</source>
        <translation>Von %1 bis %2 wurde nichts abgehakt: wie viele der %3 Minuten waren Arbeit?</translation>
    </message>
    <message>
        <source>Minutes of work</source>
        <translation>Arbeitsminuten</translation>
    </message>
    <message>
        <source>%1 min by the clock</source>
        <translation>%1 min nach der Uhr</translation>
    </message>
    <message>
        <source>%1, %2 planned</source>
        <translation>%1, %2 geplant</translation>
    </message>
</context>
<context>
    <name>dimglow::app::HandBackStation</name>
    <message>
        <source>Hand back</source>
        <translation>Rückgabe</translation>
    </message>
    <message>
        <source>What was done, with parts, values and polarity</source>
        <translation>Was getan wurde, mit Teilen, Werten und Polung</translation>
    </message>
    <message>
        <source>Work done</source>
        <translation>Getane Arbeit</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Save PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Save JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>Handed back</source>
        <translation>Zurückgegeben</translation>
    </message>
    <message>
        <source>Alt+H</source>
        <translation>Alt+H</translation>
    </message>
    <message>
        <source>%1 is there already. Once more replaces it.</source>
        <translation>%1 gibt es schon. Noch einmal ersetzt es.</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>%1 gespeichert</translation>
    </message>
    <message>
        <source>Ctrl+P</source>
        <translation>Strg+P</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Ctrl+J</source>
        <translation>Strg+J</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>handed back</source>
        <translation>zurückgegeben</translation>
    </message>
    <message>
        <source>The owner&apos;s page</source>
        <translation>Die Seite für den Besitzer</translation>
    </message>
    <message>
        <source>Quote</source>
        <translation>Angebot</translation>
    </message>
    <message>
        <source>Workshop, at the head of the owner&apos;s page</source>
        <translation>Werkstatt, oben auf der Besitzerseite</translation>
    </message>
    <message>
        <source>Workshop</source>
        <translation>Werkstatt</translation>
    </message>
    <message>
        <source>Where to find it</source>
        <translation>Wo sie zu finden ist</translation>
    </message>
    <message>
        <source>Bench record</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>Owner&apos;s page</source>
        <translation>Besitzerseite</translation>
    </message>
    <message>
        <source>Alt+1</source>
        <translation>Alt+1</translation>
    </message>
    <message>
        <source>Alt+2</source>
        <translation>Alt+2</translation>
    </message>
    <message>
        <source>Alt+3</source>
        <translation>Alt+3</translation>
    </message>
    <message>
        <source>without owner</source>
        <translation>ohne Besitzer</translation>
    </message>
    <message>
        <source>The JSON leaves out owner, phone, price and serial number.</source>
        <translation>Das JSON lässt Besitzer, Telefon, Preis und Seriennummer weg.</translation>
    </message>
    <message>
        <source>Not as it should be after the repair: %1.</source>
        <translation>Nach der Reparatur nicht, wie es sein soll: %1.</translation>
    </message>
    <message>
        <source>Soak: %1</source>
        <translation>Dauerlauf: %1</translation>
    </message>
    <message>
        <source>Hand it back all the same? Alt+H once more; it will stand in the report.</source>
        <translation>Trotzdem zurückgeben? Noch einmal Alt+H; es steht dann im Bericht.</translation>
    </message>
    <message>
        <source>%1 cannot be made</source>
        <translation>%1 lässt sich nicht anlegen</translation>
    </message>
    <message>
        <source>Alt+1 2 3</source>
        <translation>Alt+1 2 3</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>1 reading after the repair not taken.</source>
        <translation>1 Messwert nach der Reparatur fehlt.</translation>
    </message>
    <message>
        <source>%1 readings after the repair not taken.</source>
        <translation>%1 Messwerte nach der Reparatur fehlen.</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>1 thing not looked at.</source>
        <translation>1 Ding nicht angesehen.</translation>
    </message>
    <message>
        <source>%1 things not looked at.</source>
        <translation>%1 Dinge nicht angesehen.</translation>
    </message>
    <message>
        <source>1 picture is gone and not in it.</source>
        <translation>1 Bild ist weg und fehlt darin.</translation>
    </message>
    <message>
        <source>%1 pictures are gone and not in it.</source>
        <translation>%1 Bilder sind weg und fehlen darin.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::HelpSheet</name>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>About Dim Glow</source>
        <translation>Über Dim Glow</translation>
    </message>
    <message>
        <source>Alt+I</source>
        <translation>Alt+I</translation>
    </message>
    <message>
        <source>Search the manual</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Keys here</source>
        <translation>Tasten hier</translation>
    </message>
    <message>
        <source>Keys everywhere</source>
        <translation>Tasten überall</translation>
    </message>
    <message>
        <source>Ctrl+Enter</source>
        <translation>Strg+Enter</translation>
    </message>
    <message>
        <source>the next step</source>
        <translation>der nächste Schritt</translation>
    </message>
    <message>
        <source>Ctrl+Z</source>
        <translation>Strg+Z</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>rückgängig</translation>
    </message>
    <message>
        <source>Ctrl+1 … 9, Ctrl+0</source>
        <translation>Strg+1 … 9, Strg+0</translation>
    </message>
    <message>
        <source>a station</source>
        <translation>eine Station</translation>
    </message>
    <message>
        <source>Ctrl+B</source>
        <translation>Strg+B</translation>
    </message>
    <message>
        <source>bench maths</source>
        <translation>Werkbankrechner</translation>
    </message>
    <message>
        <source>Ctrl+H</source>
        <translation>Strg+H</translation>
    </message>
    <message>
        <source>all jobs</source>
        <translation>alle Aufträge</translation>
    </message>
    <message>
        <source>F9</source>
        <translation>F9</translation>
    </message>
    <message>
        <source>lamp off, daylight</source>
        <translation>Lampe aus, Tageslicht</translation>
    </message>
    <message>
        <source># Dim Glow %1

A job sheet that thinks, for people who repair display backlights.

Licence: GPL-3.0-or-later. It comes without any warranty; work on live parts is for trained people, by local codes.

What went wrong is noted in %2.

</source>
        <translation># Dim Glow %1

Ein Auftragsblatt, das mitdenkt, für alle, die Hintergrundbeleuchtungen reparieren.

Lizenz: GPL-3.0-or-later. Ohne jede Gewähr; Arbeit unter Spannung nur für Geschulte, nach örtlichen Vorschriften.

Was schiefging, steht in %2.

</translation>
    </message>
</context>
<context>
    <name>dimglow::app::HomePage</name>
    <message>
        <source>handed back</source>
        <translation>zurückgegeben</translation>
    </message>
    <message>
        <source>no due date</source>
        <translation>kein Termin</translation>
    </message>
    <message>
        <source>%1 d late</source>
        <translation>%1 Tage zu spät</translation>
    </message>
    <message>
        <source>due in %1 d</source>
        <translation>fällig in %1 Tagen</translation>
    </message>
    <message>
        <source>On the bench</source>
        <translation>Auf der Werkbank</translation>
    </message>
    <message>
        <source>New job</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>Ctrl+N</source>
        <translation>Strg+N</translation>
    </message>
    <message>
        <source>Import a job file</source>
        <translation>Auftragsdatei einlesen</translation>
    </message>
    <message>
        <source>Ctrl+O</source>
        <translation>Strg+O</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>1 job</source>
        <translation>1 Auftrag</translation>
    </message>
    <message>
        <source>%1 jobs</source>
        <translation>%1 Aufträge</translation>
    </message>
    <message>
        <source>no jobs yet: Ctrl+N takes one in</source>
        <translation>noch keine Aufträge: Strg+N nimmt einen an</translation>
    </message>
    <message>
        <source>nothing matches</source>
        <translation>nichts gefunden</translation>
    </message>
    <message>
        <source>due today</source>
        <translation>heute fällig</translation>
    </message>
    <message>
        <source>due tomorrow</source>
        <translation>morgen fällig</translation>
    </message>
    <message>
        <source>Search number, title, place, owner, panel, complaint, finding</source>
        <translation>Nummer, Titel, Ort, Besitzer, Panel, Beanstandung oder Befund suchen</translation>
    </message>
    <message>
        <source>Show all jobs</source>
        <translation>Alle Aufträge zeigen</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>No job has all these words: in its number, title, place, owner, phone, serial number, panel, complaint, work or finding. Fewer words find more; the beginning of each is enough.</source>
        <translation>Kein Auftrag enthält alle diese Wörter: in Nummer, Titel, Ort, Besitzer, Telefon, Seriennummer, Panel, Beanstandung, Arbeit oder Befund. Weniger Wörter finden mehr; der Anfang von jedem genügt.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::JobGlances</name>
    <message>
        <source>%1, %2 %</source>
        <translation>%1, %2 %</translation>
    </message>
    <message>
        <source>nothing read yet</source>
        <translation>noch nichts gemessen</translation>
    </message>
    <message>
        <source>cannot be read</source>
        <translation>nicht lesbar</translation>
    </message>
</context>
<context>
    <name>dimglow::app::JobPage</name>
    <message>
        <source>▸</source>
        <translation>▸</translation>
    </message>
    <message>
        <source>Trail</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>◂</source>
        <translation>◂</translation>
    </message>
    <message>
        <source>Ctrl+T</source>
        <translation>Strg+T</translation>
    </message>
    <message>
        <source>What is left</source>
        <translation>Was noch bleibt</translation>
    </message>
    <message>
        <source>Ctrl+L</source>
        <translation>Strg+L</translation>
    </message>
</context>
<context>
    <name>dimglow::app::JobSession</name>
    <message>
        <source>Job %1 is not in the logbook</source>
        <translation>Auftrag %1 ist nicht im Logbuch</translation>
    </message>
    <message>
        <source>the wiring has just changed: look where the reading belongs and write it down again</source>
        <translation>die Verdrahtung hat sich gerade geändert: nachsehen, wohin die Messung gehört, und noch einmal notieren</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>%1 was changed in another window and is shown as it is now. This entry was not written down: do it again.</source>
        <translation>%1 wurde in einem anderen Fenster geändert und wird gezeigt, wie es jetzt ist. Dieser Eintrag wurde nicht notiert: noch einmal eingeben.</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>Taken back: it cannot be assessed</source>
        <translation>Zurückgenommen: es lässt sich nicht beurteilen</translation>
    </message>
    <message>
        <source>The last entry was taken back: %1</source>
        <translation>Der letzte Eintrag wurde zurückgenommen: %1</translation>
    </message>
    <message>
        <source>%1 was changed in another window and is shown as it is now.</source>
        <translation>%1 wurde in einem anderen Fenster geändert und wird gezeigt, wie es jetzt ist.</translation>
    </message>
    <message>
        <source>%1: not in a set that is lit by %2</source>
        <translation>%1: nicht in einem Gerät, das mit %2 leuchtet</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>LEDs</source>
        <translation>LEDs</translation>
    </message>
</context>
<context>
    <name>dimglow::app::KnownCard</name>
    <message>
        <source>This set</source>
        <translation>Dieses Gerät</translation>
    </message>
    <message>
        <source>read off</source>
        <translation>abgelesen</translation>
    </message>
    <message>
        <source>computed, ± %1 V</source>
        <translation>berechnet, ± %1 V</translation>
    </message>
    <message>
        <source>learned, ± %1 V</source>
        <translation>gelernt, ± %1 V</translation>
    </message>
    <message>
        <source>± %1 V: %2 to %3 LEDs of 3 V</source>
        <translation>± %1 V: %2 bis %3 LEDs zu 3 V</translation>
    </message>
    <message>
        <source>≈ %L1 V</source>
        <translation>≈ %L1 V</translation>
    </message>
    <message>
        <source>%1 V</source>
        <translation>%1 V</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Merken</translation>
    </message>
    <message>
        <source>Alt+K</source>
        <translation>Alt+K</translation>
    </message>
    <message>
        <source>What was learned joins the set&apos;s description, and helps with the next one of its panel.</source>
        <translation>Was gelernt wurde, kommt zur Beschreibung des Geräts und hilft beim nächsten mit diesem Panel.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LampPicture</name>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>Lamp %1 of %2</source>
        <translation>Lampe %1 von %2</translation>
    </message>
    <message>
        <source>fades first</source>
        <translation>zuerst schwächer</translation>
    </message>
    <message>
        <source>all together</source>
        <translation>alle zugleich</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LampSums</name>
    <message>
        <source>Sums of the inverter</source>
        <translation>Rechnungen zum Inverter</translation>
    </message>
    <message>
        <source>lamp, mA</source>
        <translation>Lampe, mA</translation>
    </message>
    <message>
        <source>kHz</source>
        <translation>kHz</translation>
    </message>
    <message>
        <source>ballast, pF</source>
        <translation>Vorschalt, pF</translation>
    </message>
    <message>
        <source>stray, pF</source>
        <translation>Streu, pF</translation>
    </message>
    <message>
        <source>coil, mH</source>
        <translation>Spule, mH</translation>
    </message>
    <message>
        <source>film, pF</source>
        <translation>Folie, pF</translation>
    </message>
    <message>
        <source>film off, %</source>
        <translation>Folie ab, %</translation>
    </message>
    <message>
        <source>Q</source>
        <translation>Q</translation>
    </message>
    <message>
        <source>A lamp runs at %L1 V: %2 kΩ. Dummy lamp: %2 kΩ, %3 W, a chain that stands the volts.</source>
        <translation>Eine Lampe läuft bei %L1 V: %2 kΩ. Ersatzlampe: %2 kΩ, %3 W, eine Kette, die die Spannung aushält.</translation>
    </message>
    <message>
        <source>%1 lamps take %2 A from %3 V at %4 %.</source>
        <translation>%1 Lampen nehmen %2 A aus %3 V bei %4 %.</translation>
    </message>
    <message>
        <source>Its output brings %L1 V: lamp and ballast add as vectors.</source>
        <translation>Ihr Ausgang bringt %L1 V: Lampe und Vorschaltkondensator addieren sich als Zeiger.</translation>
    </message>
    <message>
        <source>Stray capacitance leaves the lamp %1 mA.</source>
        <translation>Die Streukapazität lässt der Lampe %1 mA.</translation>
    </message>
    <message>
        <source>They ring at %1 kHz</source>
        <translation>Sie schwingen bei %1 kHz</translation>
    </message>
    <message>
        <source>, with the film %1 % off at %2 kHz</source>
        <translation>, mit %1 % Abweichung der Folie bei %2 kHz</translation>
    </message>
    <message>
        <source>%1 rings down to a quarter; the twin decides, out of circuit.</source>
        <translation>%1 Schwinger bis auf ein Viertel; der Zwilling entscheidet, ausgelötet.</translation>
    </message>
    <message>
        <source>Type what is known: only that is reckoned with.</source>
        <translation>Eintippen, was bekannt ist: nur damit wird gerechnet.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LampsCard</name>
    <message>
        <source>half of them at each edge</source>
        <translation>an jedem Rand die Hälfte</translation>
    </message>
    <message>
        <source>%1 mm: each runs at about %2 V and strikes at %3 to %4 V</source>
        <translation>%1 mm: jede läuft bei etwa %2 V und zündet bei %3 bis %4 V</translation>
    </message>
    <message>
        <source>their length is not known: nor are their volts</source>
        <translation>ihre Länge ist nicht bekannt, also auch ihre Spannung nicht</translation>
    </message>
    <message>
        <source>inverter from %1 V</source>
        <translation>Inverter aus %1 V</translation>
    </message>
    <message>
        <source>external electrodes are the ballast: they may run in parallel</source>
        <translation>Außenelektroden sind der Vorschalt: Sie dürfen parallel laufen</translation>
    </message>
    <message>
        <source>In the seconds before it goes dark, by eye or by a phone&apos;s video: which lamp fades first? ↑ ↓ choose it, F writes it down; T all together, H the half it is in.</source>
        <translation>In den Sekunden, bevor es dunkel wird, mit dem Auge oder per Handyvideo: Welche Lampe wird zuerst schwächer? ↑ ↓ wählt sie, F schreibt es auf; T alle zugleich, H die Hälfte, in der sie liegt.</translation>
    </message>
    <message>
        <source>one lamp</source>
        <translation>eine Lampe</translation>
    </message>
    <message>
        <source>%1 lamps</source>
        <translation>%1 Lampen</translation>
    </message>
    <message>
        <source>how many lamps nobody has said: type them at Take in</source>
        <translation>wie viele Lampen, hat niemand gesagt: in der Annahme eintippen</translation>
    </message>
    <message>
        <source>all others lit</source>
        <translation>alle anderen leuchten</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LayerEntry</name>
    <message>
        <source>What comes off, in one line</source>
        <translation>Was abkommt, in einer Zeile</translation>
    </message>
    <message>
        <source>back: 14 × M3×8 edge, 4 × M4×12 stand; 2 clips top</source>
        <translation>Rückwand: 14 × M3×8 Rand, 4 × M4×12 Standfuß; 2 Klammern oben</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Without a layer in front it is about: %1.</source>
        <translation>Ohne Lage davor geht es um: %1.</translation>
    </message>
    <message>
        <source>Layer, colon, what holds it: screws by size and place, clips, plugs, cables, films.</source>
        <translation>Lage, Doppelpunkt, was sie hält: Schrauben nach Maß und Ort, Klammern, Stecker, Kabel, Folien.</translation>
    </message>
    <message>
        <source>Say which layer it is first: back: 14 × M3×8</source>
        <translation>Erst sagen, welche Lage: Rückwand: 14 × M3×8</translation>
    </message>
    <message>
        <source>Layer written down</source>
        <translation>Lage aufgeschrieben</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LayerPicture</name>
    <message>
        <source>The layer and what holds it</source>
        <translation>Die Lage und was sie hält</translation>
    </message>
    <message>
        <source>side and notch not said</source>
        <translation>Seite und Kerbe nicht gesagt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::LightSheet</name>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>as made</source>
        <translation>wie gebaut</translation>
    </message>
    <message>
        <source>1</source>
        <translation>1</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>2</source>
        <translation>2</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>3</source>
        <translation>3</translation>
    </message>
    <message>
        <source>LEDs to diffuser, mm</source>
        <translation>LEDs bis Diffusor, mm</translation>
    </message>
    <message>
        <source>It looks like</source>
        <translation>Es sieht aus wie</translation>
    </message>
    <message>
        <source>What it looks like</source>
        <translation>Wie es aussieht</translation>
    </message>
    <message>
        <source>nothing wrong</source>
        <translation>nichts falsch</translation>
    </message>
    <message>
        <source>It cannot be told: the strips are not described, or a light guide spreads their light.</source>
        <translation>Nicht zu sagen: die Leisten sind nicht beschrieben, oder ein Lichtleiter verteilt ihr Licht.</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Arrows or a click choose an LED; drag one to see it lie elsewhere.</source>
        <translation>Pfeile oder Klick wählen eine LED; eine ziehen zeigt sie an anderer Stelle.</translation>
    </message>
    <message>
        <source>%1 (%2 to %3, depth not known)</source>
        <translation>%1 (%2 bis %3, Tiefe nicht bekannt)</translation>
    </message>
    <message>
        <source>Darkest over mean %1 · nine points %2 · darkest at %3, %4 mm · brightest at %5, %6 mm</source>
        <translation>Dunkelstes durch Mittel %1 · neun Punkte %2 · dunkelster bei %3, %4 mm · hellster bei %5, %6 mm</translation>
    </message>
    <message>
        <source> · tint %1</source>
        <translation> · Farbton %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::MainWindow</name>
    <message>
        <source>Dim Glow</source>
        <translation>Dim Glow</translation>
    </message>
    <message>
        <source>repair bench</source>
        <translation>Reparaturplatz</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Ctrl+H</source>
        <translation>Strg+H</translation>
    </message>
    <message>
        <source>F9</source>
        <translation>F9</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>Ctrl+N</source>
        <translation>Strg+N</translation>
    </message>
    <message>
        <source>new job</source>
        <translation>neuer Auftrag</translation>
    </message>
    <message>
        <source>Ctrl+O</source>
        <translation>Strg+O</translation>
    </message>
    <message>
        <source>import</source>
        <translation>einlesen</translation>
    </message>
    <message>
        <source>Ctrl+Enter</source>
        <translation>Strg+Enter</translation>
    </message>
    <message>
        <source>PgUp PgDn</source>
        <translation>Bild↑ Bild↓</translation>
    </message>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>Ctrl+Z</source>
        <translation>Strg+Z</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>saved %1</source>
        <translation>gespeichert %1</translation>
    </message>
    <message>
        <source>Opening %1 …</source>
        <translation>%1 wird geöffnet …</translation>
    </message>
    <message>
        <source>New job</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>Taken in</source>
        <translation>Angenommen</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>Imported</source>
        <translation>Eingelesen</translation>
    </message>
    <message>
        <source>Import a job file</source>
        <translation>Auftragsdatei einlesen</translation>
    </message>
    <message>
        <source> · panel %1</source>
        <translation> · Panel %1</translation>
    </message>
    <message>
        <source>Taken back: %1 (%2)</source>
        <translation>Zurückgenommen: %1 (%2)</translation>
    </message>
    <message>
        <source>Done again: %1 (%2)</source>
        <translation>Wiederholt: %1 (%2)</translation>
    </message>
    <message>
        <source>next step</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>lamp off</source>
        <translation>Lampe aus</translation>
    </message>
    <message>
        <source>daylight</source>
        <translation>Tageslicht</translation>
    </message>
    <message>
        <source>The demo workshop could not be started.</source>
        <translation>Die Vorführwerkstatt ließ sich nicht starten.</translation>
    </message>
    <message>
        <source>Job files (*.dimglow *.json *.zip)</source>
        <translation>Auftragsdateien (*.dimglow *.json *.zip)</translation>
    </message>
    <message>
        <source>F1</source>
        <translation>F1</translation>
    </message>
    <message>
        <source>help</source>
        <translation>Hilfe</translation>
    </message>
</context>
<context>
    <name>dimglow::app::MakeSafeStation</name>
    <message>
        <source>Make safe</source>
        <translation>Entladen</translation>
    </message>
    <message>
        <source>Mains or battery out, back off, eyes before hands. Prove the meter on a known source, measure, discharge through a resistor, measure again, prove the meter again. The deader the set, the longer the charge; no screwdriver.</source>
        <translation>Netz oder Akku ab, Rückwand ab, erst die Augen, dann die Hände. Messgerät an bekannter Quelle prüfen, messen, über einen Widerstand entladen, nachmessen, Messgerät nochmals prüfen. Je toter das Gerät, desto länger die Ladung; kein Schraubendreher.</translation>
    </message>
    <message>
        <source>Mains and battery are out</source>
        <translation>Netz und Akku sind ab</translation>
    </message>
    <message>
        <source>Mains out</source>
        <translation>Netz ab</translation>
    </message>
    <message>
        <source>The meter was proven on a known source</source>
        <translation>Das Messgerät wurde an einer bekannten Quelle geprüft</translation>
    </message>
    <message>
        <source>Meter proven</source>
        <translation>Messgerät geprüft</translation>
    </message>
    <message>
        <source>Resistor at hand</source>
        <translation>Widerstand zur Hand</translation>
    </message>
    <message>
        <source>stands, V</source>
        <translation>hält, V</translation>
    </message>
    <message>
        <source>mains out ✓</source>
        <translation>Netz ab ✓</translation>
    </message>
    <message>
        <source>Mains in</source>
        <translation>Netz dran</translation>
    </message>
    <message>
        <source>Alt+M</source>
        <translation>Alt+M</translation>
    </message>
    <message>
        <source>meter proven ✓</source>
        <translation>Messgerät geprüft ✓</translation>
    </message>
    <message>
        <source>Meter not proven</source>
        <translation>Messgerät ungeprüft</translation>
    </message>
    <message>
        <source>Alt+P</source>
        <translation>Alt+P</translation>
    </message>
    <message>
        <source>A few kilohms, 5 W and more, that stand the volts: its ohms tell how long it takes.</source>
        <translation>Einige Kiloohm, 5 W und mehr, die die Spannung halten: Die Ohm sagen, wie lange es dauert.</translation>
    </message>
    <message>
        <source>%1 from %L2 V: %L3 s to %L4 V, %L5 s to %L6 V; %L7 W at first, %L8 J.</source>
        <translation>%1 ab %L2 V: %L3 s bis %L4 V, %L5 s bis %L6 V; anfangs %L7 W, %L8 J.</translation>
    </message>
    <message>
        <source>It does not stand the volts.</source>
        <translation>Er hält die Spannung nicht.</translation>
    </message>
    <message>
        <source>It does not survive the pulse: more watts.</source>
        <translation>Er übersteht den Stoß nicht: mehr Watt.</translation>
    </message>
    <message>
        <source>Residual charge</source>
        <translation>Restladung</translation>
    </message>
    <message>
        <source>Measure it first.</source>
        <translation>Erst messen.</translation>
    </message>
    <message>
        <source>Resistor stays on</source>
        <translation>Widerstand bleibt dran</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>capacitor</source>
        <translation>Kondensator</translation>
    </message>
    <message>
        <source>mains</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>Alt+R</source>
        <translation>Alt+R</translation>
    </message>
    <message>
        <source>resistor stays</source>
        <translation>Widerstand bleibt</translation>
    </message>
    <message>
        <source>Ω</source>
        <translation>Ω</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>bleeder, Ω</source>
        <translation>Entladewid., Ω</translation>
    </message>
    <message>
        <source>The back is off; Ctrl+E counts what held it</source>
        <translation>Die Rückwand ist ab; Strg+E zählt, was sie hielt</translation>
    </message>
    <message>
        <source>back off ✓</source>
        <translation>Wand ab ✓</translation>
    </message>
    <message>
        <source>Back on</source>
        <translation>Wand dran</translation>
    </message>
    <message>
        <source>Alt+B</source>
        <translation>Alt+B</translation>
    </message>
    <message>
        <source>It goes back at Prove, where every count is checked.</source>
        <translation>Sie kommt beim Nachweis zurück, wo jede Zahl geprüft wird.</translation>
    </message>
    <message>
        <source>Back off</source>
        <translation>Rückwand ab</translation>
    </message>
    <message>
        <source>Ctrl+E: count what held it, back: 14 × M3×8 edge.</source>
        <translation>Strg+E: zählen, was sie hielt, Rückwand: 14 × M3×8 Rand.</translation>
    </message>
    <message>
        <source>Ctrl+E</source>
        <translation>Strg+E</translation>
    </message>
    <message>
        <source>what comes off</source>
        <translation>was abkommt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::NumberField</name>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::OpenUpStation</name>
    <message>
        <source>not stuck</source>
        <translation>nicht geklebt</translation>
    </message>
    <message>
        <source>taped</source>
        <translation>mit Klebeband</translation>
    </message>
    <message>
        <source>glued</source>
        <translation>geklebt</translation>
    </message>
    <message>
        <source>Open up</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>How the LEDs are reached</source>
        <translation>Wie man an die LEDs kommt</translation>
    </message>
    <message>
        <source>Who lift the glass</source>
        <translation>Wer das Glas hebt</translation>
    </message>
    <message>
        <source>What holds the glass</source>
        <translation>Was das Glas hält</translation>
    </message>
    <message>
        <source>As it lies</source>
        <translation>Wie es liegt</translation>
    </message>
    <message>
        <source>usual layers</source>
        <translation>übliche Lagen</translation>
    </message>
    <message>
        <source>Alt+L</source>
        <translation>Alt+L</translation>
    </message>
    <message>
        <source>as last time</source>
        <translation>wie letztes Mal</translation>
    </message>
    <message>
        <source>Alt+E</source>
        <translation>Alt+E</translation>
    </message>
    <message>
        <source>Out and not yet in</source>
        <translation>Draußen und noch nicht drin</translation>
    </message>
    <message>
        <source>1 day</source>
        <translation>1 Tag</translation>
    </message>
    <message>
        <source>%1 days</source>
        <translation>%1 Tage</translation>
    </message>
    <message>
        <source>Write down what comes off first: back: 14 × M3×8.</source>
        <translation>Erst aufschreiben, was abkommt: Rückwand: 14 × M3×8.</translation>
    </message>
    <message>
        <source>It goes back at Prove, where every count is checked.</source>
        <translation>Sie kommt beim Nachweis zurück, wo jede Zahl geprüft wird.</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>%1 ab</translation>
    </message>
    <message>
        <source>Usual layers</source>
        <translation>Übliche Lagen</translation>
    </message>
    <message>
        <source>No earlier job of this panel has its layers written down.</source>
        <translation>Kein früherer Auftrag dieses Panels hat seine Lagen aufgeschrieben.</translation>
    </message>
    <message>
        <source>Layers as in %1</source>
        <translation>Lagen wie in %1</translation>
    </message>
    <message>
        <source>Way of opening</source>
        <translation>Weg des Öffnens</translation>
    </message>
    <message>
        <source>People</source>
        <translation>Leute</translation>
    </message>
    <message>
        <source>Adhesive</source>
        <translation>Klebung</translation>
    </message>
    <message>
        <source>Alt+W</source>
        <translation>Alt+W</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>two people</source>
        <translation>zu zweit</translation>
    </message>
    <message>
        <source>Alt+P</source>
        <translation>Alt+P</translation>
    </message>
    <message>
        <source>Alt+G</source>
        <translation>Alt+G</translation>
    </message>
    <message>
        <source>Nothing.</source>
        <translation>Nichts.</translation>
    </message>
    <message>
        <source>No layer yet</source>
        <translation>Noch keine Lage</translation>
    </message>
    <message>
        <source>out ✓</source>
        <translation>ab ✓</translation>
    </message>
    <message>
        <source>Take it off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Alt+O</source>
        <translation>Alt+O</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>layer</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abnehmen</translation>
    </message>
    <message>
        <source>Ctrl+V</source>
        <translation>Strg+V</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>What comes out is counted; Prove counts it in. This way takes about %1 min and breaks the glass in %2 %.</source>
        <translation>Was abkommt, wird gezählt; der Nachweis zählt es ein. Dieser Weg dauert etwa %1 min und bricht das Glas in %2 %.</translation>
    </message>
    <message>
        <source>%1 Needs %2.</source>
        <translation>%1 Braucht %2.</translation>
    </message>
    <message>
        <source>glued?</source>
        <translation>geklebt?</translation>
    </message>
    <message>
        <source>which way?</source>
        <translation>welcher Weg?</translation>
    </message>
    <message>
        <source>alone?</source>
        <translation>allein?</translation>
    </message>
    <message>
        <source>%1: its parts take %2. Order them before the first screw; Alt+O once more opens it now.</source>
        <translation>%1: die Teile brauchen %2. Vor der ersten Schraube bestellen; noch einmal Alt+O öffnet jetzt.</translation>
    </message>
    <message>
        <source>Struck out</source>
        <translation>Gestrichen</translation>
    </message>
    <message>
        <source>Alt+X</source>
        <translation>Alt+X</translation>
    </message>
    <message>
        <source>strike out</source>
        <translation>streichen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::PadsPicture</name>
    <message>
        <source>Pads: plus not known</source>
        <translation>Pads: Plus unbekannt</translation>
    </message>
    <message>
        <source>Pads: plus is drawn</source>
        <translation>Pads: Plus ist gezeichnet</translation>
    </message>
    <message>
        <source>which pad is plus: not said</source>
        <translation>welches Pad Plus ist: nicht gesagt</translation>
    </message>
    <message>
        <source>pads alike</source>
        <translation>Pads gleich</translation>
    </message>
    <message>
        <source>the large pad on the left</source>
        <translation>das große Pad links</translation>
    </message>
</context>
<context>
    <name>dimglow::app::PanelCheckStation</name>
    <message>
        <source>crack</source>
        <translation>Sprung</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>dead column</source>
        <translation>tote Spalte</translation>
    </message>
    <message>
        <source>tint</source>
        <translation>Farbstich</translation>
    </message>
    <message>
        <source>dark area</source>
        <translation>dunkler Bereich</translation>
    </message>
    <message>
        <source>no light</source>
        <translation>kein Licht</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>Panel check</source>
        <translation>Panelprüfung</translation>
    </message>
    <message>
        <source>Light the panel from the bench and put a picture on it, before money is spent.</source>
        <translation>Das Panel von der Werkbank aus beleuchten und ein Bild darauf geben, bevor Geld ausgegeben wird.</translation>
    </message>
    <message>
        <source>% of current</source>
        <translation>% vom Strom</translation>
    </message>
    <message>
        <source>T-con, V</source>
        <translation>T-con, V</translation>
    </message>
    <message>
        <source>lamp, mm</source>
        <translation>Lampe, mm</translation>
    </message>
    <message>
        <source>bore, mm</source>
        <translation>Durchm., mm</translation>
    </message>
    <message>
        <source>What to light</source>
        <translation>Was beleuchten</translation>
    </message>
    <message>
        <source>Outputs: V, A, isolation</source>
        <translation>Ausgänge: V, A, Isolation</translation>
    </message>
    <message>
        <source>Bench supplies</source>
        <translation>Labornetzteile</translation>
    </message>
    <message>
        <source>Ramp</source>
        <translation>Anstieg</translation>
    </message>
    <message>
        <source>leads and clips proven  (P)</source>
        <translation>Leitungen und Klemmen geprüft  (P)</translation>
    </message>
    <message>
        <source>Leads proven</source>
        <translation>Leitungen geprüft</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Vermerk</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Vermerk</translation>
    </message>
    <message>
        <source>first glow, V</source>
        <translation>erstes Glimmen, V</translation>
    </message>
    <message>
        <source>light, V</source>
        <translation>Licht, V</translation>
    </message>
    <message>
        <source>T-con, A</source>
        <translation>T-con, A</translation>
    </message>
    <message>
        <source>%1  (%2)</source>
        <translation>%1  (%2)</translation>
    </message>
    <message>
        <source>Go</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>G</source>
        <translation>G</translation>
    </message>
    <message>
        <source>O</source>
        <translation>O</translation>
    </message>
    <message>
        <source>No-go</source>
        <translation>Nein</translation>
    </message>
    <message>
        <source>X</source>
        <translation>X</translation>
    </message>
    <message>
        <source>channel %1</source>
        <translation>Kanal %1</translation>
    </message>
    <message>
        <source>lamps (CCFL)</source>
        <translation>Lampen (CCFL)</translation>
    </message>
    <message>
        <source>Lamps run at %1 V, strike near %2 V</source>
        <translation>Lampen brennen bei %1 V, zünden nahe %2 V</translation>
    </message>
    <message>
        <source>%1: %L2 V, limit %3 mA, its plus at %4 V</source>
        <translation>%1: %L2 V, Grenze %3 mA, sein Plus bei %4 V</translation>
    </message>
    <message>
        <source>%1 V</source>
        <translation>%1 V</translation>
    </message>
    <message>
        <source>%L1 mA</source>
        <translation>%L1 mA</translation>
    </message>
    <message>
        <source>The generator&apos;s own ramp; lamps lit one after the other, each through its ballast.</source>
        <translation>Der eigene Anstieg des Generators; Lampen eine nach der anderen, jede über ihr Vorschaltteil.</translation>
    </message>
    <message>
        <source>No ramp yet: write down outputs that reach %1 V together, at %2 mA each, isolated for where they stand. Or light fewer LEDs: one strip at Strings.</source>
        <translation>Noch kein Anstieg: Ausgänge notieren, die zusammen %1 V erreichen, mit je %2 mA, isoliert für ihren Platz. Oder weniger LEDs beleuchten: eine Leiste unter Stränge.</translation>
    </message>
    <message>
        <source>Go. </source>
        <translation>Ja. </translation>
    </message>
    <message>
        <source>Go, with a note. </source>
        <translation>Ja, mit Vermerk. </translation>
    </message>
    <message>
        <source>No-go. </source>
        <translation>Nein. </translation>
    </message>
    <message>
        <source>Panel: go</source>
        <translation>Panel: ja</translation>
    </message>
    <message>
        <source>Panel: go, with a note</source>
        <translation>Panel: ja, mit Vermerk</translation>
    </message>
    <message>
        <source>Panel: no-go</source>
        <translation>Panel: nein</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>fields</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>1 … 7</source>
        <translation>1 … 7</translation>
    </message>
    <message>
        <source>what is seen</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>P</source>
        <translation>P</translation>
    </message>
    <message>
        <source>leads proven</source>
        <translation>Leitungen geprüft</translation>
    </message>
    <message>
        <source>go</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no-go</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>LED strips</source>
        <translation>LED-Leisten</translation>
    </message>
    <message>
        <source>How many LEDs stand in series?</source>
        <translation>Wie viele LEDs sind in Reihe?</translation>
    </message>
    <message>
        <source>No ramp without the strips: one line at Take in is enough.</source>
        <translation>Keine Rampe ohne die Leisten: eine Zeile bei der Annahme genügt.</translation>
    </message>
    <message>
        <source>How long is a lamp?</source>
        <translation>Wie lang ist eine Lampe?</translation>
    </message>
    <message>
        <source>%1: expect %L2 to %L3 A. Then a pattern: white, grey, colours, lines.</source>
        <translation>%1: %L2 bis %L3 A zu erwarten. Dann ein Testbild: Weiß, Grau, Farben, Linien.</translation>
    </message>
    <message>
        <source>T-con from its own %L1 V</source>
        <translation>T-con an eigenen %L1 V</translation>
    </message>
    <message>
        <source>T-con from its own supply, its volts read off its fuse first</source>
        <translation>T-con an eigener Versorgung, deren Volt zuerst an seiner Sicherung ablesen</translation>
    </message>
    <message>
        <source>First glow %1 to %2 V, light %3 V at %4 mA</source>
        <translation>Glimmen %1 bis %2 V, Licht %3 V bei %4 mA</translation>
    </message>
</context>
<context>
    <name>dimglow::app::PhotoStrip</name>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>picture
gone</source>
        <translation>Bild
weg</translation>
    </message>
    <message>
        <source>It is not in %1.</source>
        <translation>Es liegt nicht in %1.</translation>
    </message>
    <message>
        <source>Picture (%1)</source>
        <translation>Bild (%1)</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Alt+F</source>
        <translation>Alt+F</translation>
    </message>
    <message>
        <source>From a file; Ctrl+V takes one that was copied.</source>
        <translation>Aus einer Datei; Strg+V nimmt ein kopiertes.</translation>
    </message>
    <message>
        <source>A picture of the set</source>
        <translation>Ein Bild vom Gerät</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.bmp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.bmp)</translation>
    </message>
</context>
<context>
    <name>dimglow::app::PlugLine</name>
    <message>
        <source>Pins of the plug, in order</source>
        <translation>Kontakte des Steckers, der Reihe nach</translation>
    </message>
    <message>
        <source>+ red, − black, − 2 white</source>
        <translation>+ rot, − schwarz, − 2 weiß</translation>
    </message>
    <message>
        <source>One return: one open LED leaves it dark. Several: the driver is likelier.</source>
        <translation>Eine Rückleitung: eine offene LED lässt es dunkel. Mehrere: eher der Treiber.</translation>
    </message>
    <message>
        <source>Number the returns (− 1, − 2): several pins may be one.</source>
        <translation>Rückleitungen nummerieren (− 1, − 2): mehrere Kontakte können eine sein.</translation>
    </message>
    <message>
        <source>One return: one string, until the strips are described.</source>
        <translation>Eine Rückleitung: ein Strang, bis die Leisten beschrieben sind.</translation>
    </message>
    <message>
        <source>%1 returns: as many strings, until they are described.</source>
        <translation>%1 Rückleitungen: ebenso viele Stränge, bis sie beschrieben sind.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ProveStation</name>
    <message>
        <source>Prove</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Lit before the films go back, lit again before the back goes on, then half an hour at the owner&apos;s brightness.</source>
        <translation>Leuchten lassen, bevor die Folien zurückkommen, noch einmal vor der Rückwand, dann eine halbe Stunde mit der Helligkeit des Besitzers.</translation>
    </message>
    <message>
        <source>Soak</source>
        <translation>Dauerlauf</translation>
    </message>
    <message>
        <source>Start the clock</source>
        <translation>Uhr starten</translation>
    </message>
    <message>
        <source>Alt+S</source>
        <translation>Alt+S</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>LED+, V</source>
        <translation>LED+, V</translation>
    </message>
    <message>
        <source>string, mA</source>
        <translation>Strang, mA</translation>
    </message>
    <message>
        <source>flickers</source>
        <translation>flackert</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Notieren</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>as expected</source>
        <translation>wie erwartet</translation>
    </message>
    <message>
        <source>NOT as expected</source>
        <translation>NICHT wie erwartet</translation>
    </message>
    <message>
        <source>mA</source>
        <translation>mA</translation>
    </message>
    <message>
        <source>Soak at %L1 min</source>
        <translation>Dauerlauf bei %L1 min</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>next reading</source>
        <translation>nächste Messung</translation>
    </message>
    <message>
        <source>clock</source>
        <translation>Uhr</translation>
    </message>
    <message>
        <source>String current and LED+ over the soak, against what a healthy set shows</source>
        <translation>Strangstrom und LED+ im Dauerlauf, gegen das, was ein gesundes Gerät zeigt</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>It was bad before: read it again. %1</source>
        <translation>Es war vorher schlecht: noch einmal messen. %1</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Set on: does it stay lit, all of it?</source>
        <translation>Gerät an: bleibt alles hell?</translation>
    </message>
    <message>
        <source>lit, dark</source>
        <translation>leuchtet, dunkel</translation>
    </message>
    <message>
        <source>Write lit or dark.</source>
        <translation>leuchtet oder dunkel schreiben.</translation>
    </message>
    <message>
        <source>Every ten minutes write down minutes, LED+ and mA of a string:
the curves must stay level for half an hour.</source>
        <translation>Alle zehn Minuten Minuten, LED+ und mA eines Strangs notieren:
die Kurven müssen eine halbe Stunde eben bleiben.</translation>
    </message>
    <message>
        <source>%1: may drift so far</source>
        <translation>%1: darf so weit wandern</translation>
    </message>
    <message>
        <source>Alt+I O</source>
        <translation>Alt+I O</translation>
    </message>
    <message>
        <source>Alt+G N</source>
        <translation>Alt+G N</translation>
    </message>
    <message>
        <source>all in, on</source>
        <translation>alles drin, auf</translation>
    </message>
    <message>
        <source>good, not so</source>
        <translation>gut, nicht so</translation>
    </message>
    <message>
        <source>By what LED+ fell the LEDs are %1 K warmer than at first, between %2 and %3.</source>
        <translation>Nach dem Absinken von LED+ sind die LEDs %1 K wärmer als zu Beginn, zwischen %2 und %3.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ReadingRow</name>
    <message>
        <source>expect %L1 … %L2 V</source>
        <translation>erwartet %L1 … %L2 V</translation>
    </message>
    <message>
        <source>not known yet</source>
        <translation>noch nicht bekannt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ReworkStation</name>
    <message>
        <source>Rework</source>
        <translation>Handarbeit</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>about %1 min</source>
        <translation>etwa %1 min</translation>
    </message>
    <message>
        <source>Choose a repair at Fix plan: its steps stand here.</source>
        <translation>Im Reparaturplan eine Reparatur wählen: ihre Schritte stehen hier.</translation>
    </message>
    <message>
        <source>%1: nothing is worked on by hand.</source>
        <translation>%1: von Hand ist nichts zu tun.</translation>
    </message>
    <message>
        <source>%1 of %2 min planned are ticked</source>
        <translation>%1 von %2 min geplant abgehakt</translation>
    </message>
    <message>
        <source>Every step is ticked.</source>
        <translation>Jeder Schritt ist abgehakt.</translation>
    </message>
    <message>
        <source>Step to be done again</source>
        <translation>Schritt noch einmal</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Alt+D</source>
        <translation>Alt+D</translation>
    </message>
    <message>
        <source>done, from a field</source>
        <translation>fertig, aus einem Feld</translation>
    </message>
    <message>
        <source>Alt+B</source>
        <translation>Alt+B</translation>
    </message>
    <message>
        <source>one step back</source>
        <translation>ein Schritt zurück</translation>
    </message>
    <message>
        <source>Alt+%1</source>
        <translation>Alt+%1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::RowsPicture</name>
    <message>
        <source>Where the pieces lie</source>
        <translation>Wo die Stücke liegen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::ScreenSketch</name>
    <message>
        <source>Screen: drag over what is dark</source>
        <translation>Schirm: über das Dunkle ziehen</translation>
    </message>
    <message>
        <source>drag over what is dark</source>
        <translation>über das Dunkle ziehen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::Sheet</name>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
</context>
<context>
    <name>dimglow::app::StackPicture</name>
    <message>
        <source>1 film</source>
        <translation>1 Folie</translation>
    </message>
    <message>
        <source>%1 films</source>
        <translation>%1 Folien</translation>
    </message>
    <message>
        <source>out</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>✓ back</source>
        <translation>✓ drauf</translation>
    </message>
    <message>
        <source>The layers as they lie</source>
        <translation>Die Lagen, wie sie liegen</translation>
    </message>
    <message>
        <source>Nothing is written down yet.
Alt+L starts with the usual layers of such a set, Alt+E with those of an earlier job;
or type what comes off first.</source>
        <translation>Noch nichts aufgeschrieben.
Alt+L beginnt mit den üblichen Lagen, Alt+E mit denen eines früheren Auftrags;
oder tippen, was zuerst abkommt.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::Station</name>
    <message>
        <source>&quot;%1&quot; %2</source>
        <translation>„%1“ %2</translation>
    </message>
    <message>
        <source>Alt+A</source>
        <translation>Alt+A</translation>
    </message>
    <message>
        <source>Live work accepted</source>
        <translation>Arbeit unter Spannung angenommen</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>First look</source>
        <translation>Erster Blick</translation>
    </message>
    <message>
        <source>Board</source>
        <translation>Platine</translation>
    </message>
    <message>
        <source>Panel check</source>
        <translation>Panelprüfung</translation>
    </message>
    <message>
        <source>Fix plan</source>
        <translation>Reparaturplan</translation>
    </message>
    <message>
        <source>Prove</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Hand back</source>
        <translation>Rückgabe</translation>
    </message>
    <message>
        <source>What was learned of the set</source>
        <translation>Was über das Gerät gelernt wurde</translation>
    </message>
    <message>
        <source>I am trained</source>
        <translation>Ich bin ausgebildet</translation>
    </message>
    <message>
        <source>I am trained and equipped for work on live parts; local codes allow it.</source>
        <translation>Ich bin für Arbeiten unter Spannung ausgebildet und ausgerüstet; die örtlichen Vorschriften erlauben es.</translation>
    </message>
    <message>
        <source>trained ✓</source>
        <translation>ausgebildet ✓</translation>
    </message>
    <message>
        <source>No reading is asked for here.</source>
        <translation>Hier wird kein Messwert erwartet.</translation>
    </message>
    <message>
        <source>Make safe</source>
        <translation>Entladen</translation>
    </message>
    <message>
        <source>Open up</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Rework</source>
        <translation>Handarbeit</translation>
    </message>
</context>
<context>
    <name>dimglow::app::StationLine</name>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::Stopwatch</name>
    <message>
        <source>Stopwatch: hold Space from light to dark</source>
        <translation>Stoppuhr: Leertaste halten von Licht bis dunkel</translation>
    </message>
    <message>
        <source>release at dark</source>
        <translation>loslassen bei dunkel</translation>
    </message>
    <message>
        <source>hold Space</source>
        <translation>Leertaste halten</translation>
    </message>
</context>
<context>
    <name>dimglow::app::StringsStation</name>
    <message>
        <source>%1 bridged: the rest stays dark. Another LED, a plug or the driver.</source>
        <translation>%1 überbrückt: der Rest bleibt dunkel. Eine andere LED, ein Stecker oder der Treiber.</translation>
    </message>
    <message>
        <source>%1 bridged: %2 mA, %3 % of the LED&apos;s rated %4 mA.%5</source>
        <translation>%1 überbrückt: %2 mA, %3 % vom Nennstrom %4 mA der LED.%5</translation>
    </message>
    <message>
        <source> Overdriven: lower it.</source>
        <translation> Zu viel: absenken.</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>Tester volts</source>
        <translation>Tester, Volt</translation>
    </message>
    <message>
        <source>volts</source>
        <translation>Volt</translation>
    </message>
    <message>
        <source>LEDs lit</source>
        <translation>LEDs hell</translation>
    </message>
    <message>
        <source>lit</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>after
repair  (A)</source>
        <translation>danach
(A)</translation>
    </message>
    <message>
        <source>Readings written down now are proof of the repair, not evidence of the fault.</source>
        <translation>Messungen, die jetzt notiert werden, weisen die Reparatur nach und sagen nichts über den Fehler.</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Notieren</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Nothing lit</source>
        <translation>Keine hell</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>One LED on its own</source>
        <translation>Eine LED für sich allein</translation>
    </message>
    <message>
        <source>bench 0.1 A</source>
        <translation>Netzteil</translation>
    </message>
    <message>
        <source>3.5 V, 1 kΩ</source>
        <translation>3,5 V, 1 kΩ</translation>
    </message>
    <message>
        <source>diode 2 V</source>
        <translation>Diode 2 V</translation>
    </message>
    <message>
        <source>diode 3.2 V</source>
        <translation>Diode 3,2 V</translation>
    </message>
    <message>
        <source>Reading of one LED</source>
        <translation>Messung einer LED</translation>
    </message>
    <message>
        <source>2.9 lit</source>
        <translation>2,9 leuchtet</translation>
    </message>
    <message>
        <source>Volts and what it does: &quot;2.9 lit&quot;, &quot;0.02 dark&quot;, &quot;OL&quot;; both ways round: &quot;1.8/1.8&quot;; by eye alone: lit, dim, tinted, dark</source>
        <translation>Volt und was sie tut: „2,9 leuchtet“, „0,02 dunkel“, „OL“; in beide Richtungen: „1,8/1,8“; nur mit den Augen: leuchtet, schwach, verfärbt, dunkel</translation>
    </message>
    <message>
        <source>Ammeter across the LED, set on, mA</source>
        <translation>Amperemeter über die LED, Gerät an, mA</translation>
    </message>
    <message>
        <source>Set off: ammeter across the open LED. Set on: the rest lights. Live: one hand, rated leads; follow local codes. 0 when the rest stays dark.</source>
        <translation>Gerät aus: Amperemeter über die offene LED. Gerät an: der Rest leuchtet. Unter Spannung: eine Hand, geeignete Leitungen; örtliche Vorschriften beachten. 0, wenn der Rest dunkel bleibt.</translation>
    </message>
    <message>
        <source>%1 LEDs on strips %2 to %3. Expected volts are at the tester&apos;s current, not at N × 3 V.</source>
        <translation>%1 LEDs auf den Leisten %2 bis %3. Erwartete Volt beim Strom des Testers, nicht N × 3 V.</translation>
    </message>
    <message>
        <source>Tester from LED+ of %1 to the chassis</source>
        <translation>Tester von LED+ der %1 gegen das Chassis</translation>
    </message>
    <message>
        <source>Tester on %1</source>
        <translation>Tester an %1</translation>
    </message>
    <message>
        <source>Bridge %1, tester on %2</source>
        <translation>%1 überbrücken, Tester an %2</translation>
    </message>
    <message>
        <source>plus before %1, minus on the bare metal back. It must stay dark at its limit.</source>
        <translation>Plus vor %1, Minus an die blanke Metallrückwand. Er muss an seiner Grenze dunkel bleiben.</translation>
    </message>
    <message>
        <source>plus before %1, minus after %2. %3</source>
        <translation>Plus vor %1, Minus nach %2. %3</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
    <message>
        <source>%L1 V, %2 lit</source>
        <translation>%L1 V, %2 hell</translation>
    </message>
    <message>
        <source>no string touches it</source>
        <translation>kein Strang berührt es</translation>
    </message>
    <message>
        <source>nothing else is wrong</source>
        <translation>sonst ist nichts falsch</translation>
    </message>
    <message>
        <source>less, or any lit</source>
        <translation>weniger, oder etwas hell</translation>
    </message>
    <message>
        <source>%L1 V, 0 lit</source>
        <translation>%L1 V, 0 hell</translation>
    </message>
    <message>
        <source>a string touches it</source>
        <translation>ein Strang berührt es</translation>
    </message>
    <message>
        <source>another LED is open</source>
        <translation>eine weitere LED ist offen</translation>
    </message>
    <message>
        <source>%1 read %2</source>
        <translation>%1 gemessen %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Save the map</source>
        <translation>Karte speichern</translation>
    </message>
    <message>
        <source>Drawings (*.svg)</source>
        <translation>Zeichnungen (*.svg)</translation>
    </message>
    <message>
        <source>write</source>
        <translation>notieren</translation>
    </message>
    <message>
        <source>none lit</source>
        <translation>keine hell</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>map</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>L H T D</source>
        <translation>L H T D</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>markieren</translation>
    </message>
    <message>
        <source>Z</source>
        <translation>Z</translation>
    </message>
    <message>
        <source>zoom</source>
        <translation>vergrößern</translation>
    </message>
    <message>
        <source>E</source>
        <translation>E</translation>
    </message>
    <message>
        <source>SVG</source>
        <translation>SVG</translation>
    </message>
    <message>
        <source>Which strips are there?</source>
        <translation>Welche Leisten sind es?</translation>
    </message>
    <message>
        <source>Mains out, back and glass off: count the strips and the LEDs on one. One line is enough; the map, the expected volts and the probes come of it.</source>
        <translation>Netz getrennt, Rückwand und Glas ab: Leisten zählen und die LEDs auf einer. Eine Zeile genügt; Plan, erwartete Spannungen und Messungen folgen daraus.</translation>
    </message>
    <message>
        <source>4 strips × 12</source>
        <translation>4 Leisten × 12</translation>
    </message>
    <message>
        <source>four rows of 12 LEDs, all in series</source>
        <translation>vier Reihen zu 12 LEDs, alle in Serie</translation>
    </message>
    <message>
        <source>8 x 7, 2 strips per string</source>
        <translation>8 x 7, 2 Leisten pro Strang</translation>
    </message>
    <message>
        <source>four strings of 14, a channel each</source>
        <translation>vier Stränge zu 14, je ein Kanal</translation>
    </message>
    <message>
        <source>2 x 30, 6 V, bottom edge</source>
        <translation>2 x 30, 6 V, unterer Rand</translation>
    </message>
    <message>
        <source>bars along the edge, LEDs of two dies</source>
        <translation>Leisten am Rand, LEDs mit zwei Chips</translation>
    </message>
    <message>
        <source>27 LEDs</source>
        <translation>27 LEDs</translation>
    </message>
    <message>
        <source>only how many stand in series is known</source>
        <translation>nur wie viele in Reihe sind, ist bekannt</translation>
    </message>
    <message>
        <source>use these strips</source>
        <translation>diese Leisten nehmen</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>mA</source>
        <translation>mA</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Tester set to</source>
        <translation>Tester auf</translation>
    </message>
    <message>
        <source>One LED alone</source>
        <translation>Eine LED allein</translation>
    </message>
    <message>
        <source>K</source>
        <translation>K</translation>
    </message>
    <message>
        <source>mA, set on</source>
        <translation>mA, an</translation>
    </message>
    <message>
        <source>Ammeter across it</source>
        <translation>Amperemeter daran</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>%1 is chosen; jumper across it (J), tester to the chassis (C)</source>
        <translation>%1 gewählt; Brücke darüber (J), Tester zum Chassis (C)</translation>
    </message>
    <message>
        <source>Tester at %L1 mA on %2</source>
        <translation>Tester mit %L1 mA an %2</translation>
    </message>
    <message>
        <source>Set the tester to %L1 mA for this one reading.</source>
        <translation>Den Tester für diese eine Messung auf %L1 mA stellen.</translation>
    </message>
    <message>
        <source>%1 bridged: %2 mA. The LED&apos;s rated current is not known.</source>
        <translation>%1 überbrückt: %2 mA. Der Nennstrom der LED ist nicht bekannt.</translation>
    </message>
    <message>
        <source>%1 lit, or %2?</source>
        <translation>Leuchten %1 oder %2?</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>This set is lit by lamps: it has no strips. What is asked of lamps and inverter stands at Board.</source>
        <translation>Dieses Gerät hat Lampen und keine Leisten. Was Lampen und Inverter gefragt wird, steht bei Platine.</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>F</source>
        <translation>F</translation>
    </message>
    <message>
        <source>fades first</source>
        <translation>zuerst schwächer</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>all together</source>
        <translation>alle zugleich</translation>
    </message>
    <message>
        <source>H</source>
        <translation>H</translation>
    </message>
    <message>
        <source>a half</source>
        <translation>eine Hälfte</translation>
    </message>
    <message>
        <source>1 … 5</source>
        <translation>1 … 5</translation>
    </message>
    <message>
        <source>how it looks</source>
        <translation>wie sie aussieht</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>others lit</source>
        <translation>andere leuchten</translation>
    </message>
    <message>
        <source>Not opened yet? The plug on the board, pin by pin</source>
        <translation>Noch nicht offen? Der Stecker an der Platine, Kontakt für Kontakt</translation>
    </message>
</context>
<context>
    <name>dimglow::app::StripsLine</name>
    <message>
        <source>Readings in the trail refer to the strips as they are: take those back before changing their number.</source>
        <translation>Messungen im Verlauf meinen die Leisten, wie sie sind: erst diese zurücknehmen, dann ihre Zahl ändern.</translation>
    </message>
    <message>
        <source>Say how many strips and LEDs there are: 4 strips × 12</source>
        <translation>Angeben, wie viele Leisten und LEDs es sind: 4 Leisten × 12</translation>
    </message>
    <message>
        <source>Wiring</source>
        <translation>Verdrahtung</translation>
    </message>
    <message>
        <source>Backlight in one line</source>
        <translation>Hintergrundlicht in einer Zeile</translation>
    </message>
    <message>
        <source>4 strips × 12, 3 V, 240 mA, one string</source>
        <translation>4 Leisten × 12, 3 V, 240 mA, ein Strang</translation>
    </message>
    <message>
        <source>wired by hand; a line here replaces it</source>
        <translation>von Hand verdrahtet; eine Zeile hier ersetzt es</translation>
    </message>
    <message>
        <source>strips × LEDs · 3, 6, 9 V · mA per string · one string, 2 strings, 2 strips per string, each its own string, in parallel · 2P · 2 chains · fed from both ends · bottom edge · under mask · 2 feeds · label 146 V · idle 48 V · 940 × 530 mm · pitch 75 mm</source>
        <translation>Leisten × LEDs · 3, 6, 9 V · mA pro Strang · ein Strang, 2 Stränge, 2 Leisten pro Strang, jede ihr eigener Strang · 2P · 2 Ketten · gespeist von beiden Enden · unterer Rand · unter Maske · 2 Speisungen · Aufdruck 146 V · Ruhe 48 V · 940 × 530 mm · Raster 75 mm</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
</context>
<context>
    <name>dimglow::app::SumPicture</name>
    <message>
        <source>chip</source>
        <translation>Chip</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
</context>
<context>
    <name>dimglow::app::SwitchOnChart</name>
    <message>
        <source>LED+ after switch-on, simulated</source>
        <translation>LED+ nach dem Einschalten, simuliert</translation>
    </message>
    <message>
        <source>Cannot tell: %1</source>
        <translation>Nicht zu sagen: %1</translation>
    </message>
    <message>
        <source>LED+, %1 s from switch-on</source>
        <translation>LED+, %1 s ab Einschalten</translation>
    </message>
    <message>
        <source>&lt;span style=&apos;color:%1&apos;&gt;━&lt;/span&gt; healthy &amp;nbsp; ○ on a meter&lt;br&gt;&lt;span style=&apos;color:%2&apos;&gt;━&lt;/span&gt; if it is: %3. %4</source>
        <translation>&lt;span style=&apos;color:%1&apos;&gt;━&lt;/span&gt; gesund &amp;nbsp; ○ am Messgerät&lt;br&gt;&lt;span style=&apos;color:%2&apos;&gt;━&lt;/span&gt; wenn es das ist: %3. %4</translation>
    </message>
    <message>
        <source>The driver never starts.</source>
        <translation>Der Treiber läuft nie an.</translation>
    </message>
    <message>
        <source>It regulates and stays lit.</source>
        <translation>Er regelt, und das Licht bleibt.</translation>
    </message>
    <message>
        <source>It trips: %1.</source>
        <translation>Er schaltet ab: %1.</translation>
    </message>
    <message>
        <source>Light for %1 s.</source>
        <translation>Licht für %1 s.</translation>
    </message>
    <message>
        <source>No light.</source>
        <translation>Kein Licht.</translation>
    </message>
    <message>
        <source>Off after %1 tries, blinks %2.</source>
        <translation>Aus nach %1 Versuchen, blinkt %2.</translation>
    </message>
    <message>
        <source>It tries for ever.</source>
        <translation>Er versucht es ohne Ende.</translation>
    </message>
    <message>
        <source>A meter shows %1 V.</source>
        <translation>Ein Messgerät zeigt %1 V.</translation>
    </message>
    <message>
        <source>A meter peaks at %1 V, then %2 V.</source>
        <translation>Ein Messgerät zeigt im Höchstwert %1 V, dann %2 V.</translation>
    </message>
    <message>
        <source>A meter wanders from %1 to %2 V.</source>
        <translation>Ein Messgerät schwankt von %1 bis %2 V.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::TakeInStation</name>
    <message>
        <source>Take in</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>Take the wiring from a job file</source>
        <translation>Verdrahtung aus einer Auftragsdatei</translation>
    </message>
    <message>
        <source>Job title</source>
        <translation>Titel des Auftrags</translation>
    </message>
    <message>
        <source>Where it hangs</source>
        <translation>Wo es hängt</translation>
    </message>
    <message>
        <source>Maker</source>
        <translation>Hersteller</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Panel</translation>
    </message>
    <message>
        <source>Due</source>
        <translation>Fällig</translation>
    </message>
    <message>
        <source>Hours of light so far</source>
        <translation>Stunden Licht bisher</translation>
    </message>
    <message>
        <source>Complaint, in the owner&apos;s words</source>
        <translation>Beanstandung in den Worten des Besitzers</translation>
    </message>
    <message>
        <source>Complaint</source>
        <translation>Beanstandung</translation>
    </message>
    <message>
        <source>Choose the day</source>
        <translation>Tag wählen</translation>
    </message>
    <message>
        <source>Backlight</source>
        <translation>Hintergrundlicht</translation>
    </message>
    <message>
        <source>A good LED, measured</source>
        <translation>Eine gute LED, gemessen</translation>
    </message>
    <message>
        <source>2.61 V at 1 mA, 2.82 V at 30 mA, 3.1 V at 350 mA</source>
        <translation>2,61 V bei 1 mA, 2,82 V bei 30 mA, 3,1 V bei 350 mA</translation>
    </message>
    <message>
        <source>Pins of the plug, in order</source>
        <translation>Kontakte des Steckers, der Reihe nach</translation>
    </message>
    <message>
        <source>Readings in the trail refer to the strings as they are: take those back first.</source>
        <translation>Messungen im Verlauf meinen die Stränge, wie sie sind: erst diese zurücknehmen.</translation>
    </message>
    <message>
        <source>The points tell the LED&apos;s curve, within %1 mV.</source>
        <translation>Die Punkte ergeben die Kennlinie der LED auf %1 mV.</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>next field</source>
        <translation>nächstes Feld</translation>
    </message>
    <message>
        <source>Alt+R</source>
        <translation>Alt+R</translation>
    </message>
    <message>
        <source>wiring from a job file</source>
        <translation>Verdrahtung aus einer Auftragsdatei</translation>
    </message>
    <message>
        <source>Channels: %1. LEDs: %2. LED+ runs at %3 V.</source>
        <translation>Kanäle: %1. LEDs: %2. LED+ läuft bei %3 V.</translation>
    </message>
    <message>
        <source>Not seen yet: leave it open. Look from outside and measure the board first; the strips come when the panel is open.</source>
        <translation>Noch nicht gesehen: offen lassen. Erst von außen ansehen und an der Platine messen; die Leisten kommen, wenn das Panel offen ist.</translation>
    </message>
    <message>
        <source>As in %1</source>
        <translation>Wie in %1</translation>
    </message>
    <message>
        <source>Alt+P</source>
        <translation>Alt+P</translation>
    </message>
    <message>
        <source>wired by hand</source>
        <translation>von Hand verdrahtet</translation>
    </message>
    <message>
        <source>%1 had this panel: its strips and driver can be taken over.</source>
        <translation>%1 hatte dieses Panel: seine Leisten und sein Treiber lassen sich übernehmen.</translation>
    </message>
    <message>
        <source>Way of working</source>
        <translation>Arbeitsweise</translation>
    </message>
    <message>
        <source>Measure first, or swap boards that can be sent back first (Alt+M).</source>
        <translation>Erst messen, oder erst Platinen tauschen, die zurückgehen können (Alt+M).</translation>
    </message>
    <message>
        <source>The smallest thing that is replaced (Alt+L).</source>
        <translation>Das Kleinste, was ersetzt wird (Alt+L).</translation>
    </message>
    <message>
        <source>What costs least</source>
        <translation>Das Günstigste</translation>
    </message>
    <message>
        <source>Boards</source>
        <translation>Platinen</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Bauteile</translation>
    </message>
    <message>
        <source>Whole strips</source>
        <translation>Ganze Leisten</translation>
    </message>
    <message>
        <source>Swap first</source>
        <translation>Erst tauschen</translation>
    </message>
    <message>
        <source>Measure first</source>
        <translation>Erst messen</translation>
    </message>
    <message>
        <source>Boards as in %1</source>
        <translation>Platinen wie in %1</translation>
    </message>
    <message>
        <source>Tools at hand; what needs another is not asked for (Alt+T).</source>
        <translation>Werkzeuge zur Hand; was ein anderes braucht, wird nicht gefragt (Alt+T).</translation>
    </message>
    <message>
        <source>Tools at hand</source>
        <translation>Werkzeuge zur Hand</translation>
    </message>
    <message>
        <source>Work as in the job before: its way and its tools (Alt+B).</source>
        <translation>Arbeiten wie beim Auftrag davor: Weg und Werkzeug (Alt+B).</translation>
    </message>
    <message>
        <source>Worked as %1</source>
        <translation>Wie bei %1</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>Phone</source>
        <translation>Telefon</translation>
    </message>
    <message>
        <source>Serial number</source>
        <translation>Seriennummer</translation>
    </message>
    <message>
        <source>Value when it works</source>
        <translation>Wert, wenn es läuft</translation>
    </message>
    <message>
        <source>Agreed price</source>
        <translation>Vereinbarter Preis</translation>
    </message>
    <message>
        <source>▸ Number by number, LED curve, plug</source>
        <translation>▸ Zahl für Zahl, LED-Kurve, Stecker</translation>
    </message>
    <message>
        <source>▾ Number by number, LED curve, plug</source>
        <translation>▾ Zahl für Zahl, LED-Kurve, Stecker</translation>
    </message>
    <message>
        <source>Alt+D</source>
        <translation>Alt+D</translation>
    </message>
    <message>
        <source>As %1  Alt+B</source>
        <translation>Wie %1  Alt+B</translation>
    </message>
    <message>
        <source>Alt+M L T</source>
        <translation>Alt+M L T</translation>
    </message>
    <message>
        <source>way, tools</source>
        <translation>Weg, Werkzeug</translation>
    </message>
    <message>
        <source>Friday, in 3 days</source>
        <translation>Freitag, in 3 Tagen</translation>
    </message>
    <message>
        <source>Job files (*.dimglow *.json)</source>
        <translation>Auftragsdateien (*.dimglow *.json)</translation>
    </message>
    <message>
        <source>+ red, − black 0.2 Ω, − 2 white, unused</source>
        <translation>+ rot, − schwarz 0,2 Ω, − 2 weiß, frei</translation>
    </message>
</context>
<context>
    <name>dimglow::app::TrailView</name>
    <message>
        <source>Trail</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Prove</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>replaced</source>
        <translation>ersetzt</translation>
    </message>
    <message>
        <source>As it was typed: %1</source>
        <translation>Wie es getippt wurde: %1</translation>
    </message>
    <message>
        <source>%1 earlier</source>
        <translation>%1 frühere</translation>
    </message>
    <message>
        <source>Nothing written down yet.
Start with what can be seen and heard from outside: First look takes five minutes and opens nothing.</source>
        <translation>Noch nichts notiert.
Mit dem beginnen, was sich von außen sehen und hören lässt: Erster Blick dauert fünf Minuten und öffnet nichts.</translation>
    </message>
    <message>
        <source>1 entry</source>
        <translation>1 Eintrag</translation>
    </message>
    <message>
        <source>%1 entries</source>
        <translation>%1 Einträge</translation>
    </message>
    <message>
        <source>Take back an entry</source>
        <translation>Einen Eintrag zurücknehmen</translation>
    </message>
    <message>
        <source>Earlier answers to the same question, which this one replaced.</source>
        <translation>Frühere Antworten auf dieselbe Frage, die diese ersetzt hat.</translation>
    </message>
</context>
<context>
    <name>dimglow::app::TypedField</name>
    <message>
        <source>usually %1</source>
        <translation>üblich %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::UniversalSheet</name>
    <message>
        <source>Universal strips</source>
        <translation>Universalstreifen</translation>
    </message>
    <message>
        <source>Template 1 : 1</source>
        <translation>Schablone 1 : 1</translation>
    </message>
    <message>
        <source>Ctrl+S</source>
        <translation>Strg+S</translation>
    </message>
    <message>
        <source>by the driver&apos;s volts</source>
        <translation>nach Treiberspannung</translation>
    </message>
    <message>
        <source>segments to a row</source>
        <translation>Segmente je Reihe</translation>
    </message>
    <message>
        <source>Keep free, mm from the left</source>
        <translation>Freihalten, mm von links</translation>
    </message>
    <message>
        <source>300-312; 600-604</source>
        <translation>300-312; 600-604</translation>
    </message>
    <message>
        <source>keep free, mm from the left</source>
        <translation>freihalten, mm von links</translation>
    </message>
    <message>
        <source>Alt+P</source>
        <translation>Alt+P</translation>
    </message>
    <message>
        <source>Write it as 300-312; 600-604.</source>
        <translation>Schreiben als 300-312; 600-604.</translation>
    </message>
    <message>
        <source>as even as can be</source>
        <translation>so gleichmäßig wie möglich</translation>
    </message>
    <message>
        <source>old places</source>
        <translation>alte Plätze</translation>
    </message>
    <message>
        <source>Type what the strips are: figures of one segment, from mark to mark.</source>
        <translation>Eingeben, was die Streifen sind: Angaben eines Segments, von Marke zu Marke.</translation>
    </message>
    <message>
        <source>Describe the strips of the set first.</source>
        <translation>Erst die Leisten des Geräts beschreiben.</translation>
    </message>
    <message>
        <source>%1 V a string (was %2), %3 mA, %4 W · %5 strips to buy, %6 pieces, offcuts %7 segments · %8 m of wire</source>
        <translation>%1 V je Strang (war %2), %3 mA, %4 W · %5 Streifen zu kaufen, %6 Stücke, Reste %7 Segmente · %8 m Draht</translation>
    </message>
    <message>
        <source> · darkest over mean %1, as made %2</source>
        <translation> · dunkelstes durch Mittel %1, wie gebaut %2</translation>
    </message>
    <message>
        <source>Wires: %1.</source>
        <translation>Drähte: %1.</translation>
    </message>
    <message>
        <source>Save the template</source>
        <translation>Schablone sichern</translation>
    </message>
    <message>
        <source>Templates (*.pdf *.svg)</source>
        <translation>Schablonen (*.pdf *.svg)</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gesichert %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::WiringBoard</name>
    <message>
        <source>Strips and their strings</source>
        <translation>Leisten und ihre Stränge</translation>
    </message>
    <message>
        <source>strip %1 on string %2; painting string %3</source>
        <translation>Leiste %1 an Strang %2; es wird Strang %3 gelegt</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>painting a new string</source>
        <translation>ein neuer Strang wird gelegt</translation>
    </message>
    <message>
        <source>painting string %1</source>
        <translation>Strang %1 wird gelegt</translation>
    </message>
    <message>
        <source>←</source>
        <translation>←</translation>
    </message>
    <message>
        <source>→</source>
        <translation>→</translation>
    </message>
    <message>
        <source>Digit: string, 0 a new one. Click, drag or Space: put the strip on it. R: turn the strip round. F: its channel hangs on another LED+.</source>
        <translation>Ziffer: Strang, 0 ein neuer. Klicken, ziehen oder Leertaste: die Leiste darauf legen. R: die Leiste wenden. F: ihr Kanal hängt an einem anderen LED+.</translation>
    </message>
    <message>
        <source>LED+ %1</source>
        <translation>LED+ %1</translation>
    </message>
</context>
<context>
    <name>dimglow::app::WiringForm</name>
    <message>
        <source>LED class</source>
        <translation>LED-Klasse</translation>
    </message>
    <message>
        <source>3 V</source>
        <translation>3 V</translation>
    </message>
    <message>
        <source>6 V</source>
        <translation>6 V</translation>
    </message>
    <message>
        <source>9 V</source>
        <translation>9 V</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>Strips</source>
        <translation>Leisten</translation>
    </message>
    <message>
        <source>LEDs per strip</source>
        <translation>LEDs je Leiste</translation>
    </message>
    <message>
        <source>Strips in series</source>
        <translation>Leisten in Reihe</translation>
    </message>
    <message>
        <source>String, mA</source>
        <translation>Strang, mA</translation>
    </message>
    <message>
        <source>LED+ idle, V</source>
        <translation>LED+ Ruhe, V</translation>
    </message>
    <message>
        <source>LED rated, V</source>
        <translation>LED Nenn-V</translation>
    </message>
    <message>
        <source>LED rated, mA</source>
        <translation>LED Nenn-mA</translation>
    </message>
    <message>
        <source>LEDs at, °C</source>
        <translation>LEDs bei, °C</translation>
    </message>
    <message>
        <source>LED+ label, V</source>
        <translation>LED+ Aufdruck, V</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>These strips are wired by hand; a line that says how many there are replaces them.</source>
        <translation>Diese Leisten sind von Hand verdrahtet; eine Zeile, die sagt, wie viele es sind, ersetzt sie.</translation>
    </message>
    <message>
        <source>How many LEDs are on a strip?</source>
        <translation>Wie viele LEDs hat eine Leiste?</translation>
    </message>
</context>
<context>
    <name>dimglow::app::typed</name>
    <message>
        <source>%1 V</source>
        <translation>%1 V</translation>
    </message>
    <message>
        <source>%1 A</source>
        <translation>%1 A</translation>
    </message>
    <message>
        <source>%1 mA</source>
        <translation>%1 mA</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>%1 W</source>
        <translation>%1 W</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>steady at %1 V</source>
        <translation>stetig %1 V</translation>
    </message>
    <message>
        <source>peaks at %1 V, settles at %2 V</source>
        <translation>Spitze %1 V, dann %2 V</translation>
    </message>
    <message>
        <source>wanders from %1 to %2 V</source>
        <translation>schwankt von %1 bis %2 V</translation>
    </message>
    <message>
        <source>%1 of %2 lit</source>
        <translation>%1 von %2 leuchten</translation>
    </message>
    <message>
        <source>OL</source>
        <translation>OL</translation>
    </message>
    <message>
        <source>, other way round %1</source>
        <translation>, andersherum %1</translation>
    </message>
    <message>
        <source>, lit</source>
        <translation>, leuchtet</translation>
    </message>
    <message>
        <source>, dark</source>
        <translation>, dunkel</translation>
    </message>
    <message>
        <source>± %1 %</source>
        <translation>± %1 %</translation>
    </message>
</context>
<context>
    <name>dimglow::report::TemplatePdf</name>
    <message>
        <source>%1 mm: measure it before cutting</source>
        <translation>%1 mm: vor dem Schneiden nachmessen</translation>
    </message>
    <message>
        <source>%1 · column %2, row %3 of %4 sheets</source>
        <translation>%1 · Spalte %2, Reihe %3 von %4 Blättern</translation>
    </message>
</context>
</TS>
