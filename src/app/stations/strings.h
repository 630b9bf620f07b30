#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>

#include "app/backlight_map.h"
#include "app/stations/lamps_card.h"
#include "app/stations/number_field.h"
#include "app/stations/plug_line.h"
#include "app/stations/station.h"
#include "app/stations/strips_line.h"

namespace dimglow::app {

/// The strips and LEDs: tester readings, LEDs marked lit or dark, the halving that leads to the fault.
class StringsStation : public Station {
    Q_OBJECT
public:
    explicit StringsStation(JobSession& session);

    void enter() override;
    void goTo(const probe::Probe& probe) override;
    /// Volts at the tester on the run that is chosen, LEDs lit there, or mA across the LED at the cursor.
    Written takes(const Reading& reading) override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    using Minus = backlight::TesterProbe::Minus;

    QWidget* makeNotSeenCard();
    QLayout* makeReadingColumn();
    QLayout* makeRunColumn();
    QLayout* makeSettingsRow();
    void startOver();
    /// How the tester is put to a run: across it, to the chassis, or with LEDs bridged.
    void setRun(const backlight::Run& run, Minus minus = Minus::EndOfRun,
                const std::vector<backlight::LedPlace>& bridged = {},
                const std::optional<backlight::TesterSetting>& once = {});
    /// The probe that asks for the reading that comes next; null when none does.
    const probe::Probe* asked() const;
    /// What the tester is set to for the reading that comes next.
    backlight::TesterSetting setting() const;
    void showRun();
    void showLedVerdict();
    void showOutcomes();
    void commit();
    std::variant<job::TypedTester, text::Text> litTyped() const;
    void writeTester(const evidence::TesterTaken& reading, QWidget* field);
    Written recordTester(const evidence::TesterTaken& reading, const evidence::Source& source);
    /// Whether what is written down now is evidence or proof.
    job::Phase phase() const;
    void lookAtLamps(std::optional<int> lamp, lamps::Look look);
    void commitNothingLit();
    void commitLedCheck();
    void commitBridge();
    void exportMap();
    void showRanking(const evidence::TesterTaken& taken);
    void addOutcome(const QString& reading, const QString& meaning);
    void mark(backlight::LedPlace place, evidence::LedSeen::Glow glow);
    const probe::Probe* nextStringProbe() const;

    QFrame* notSeen_ = nullptr;  ///< instead of the map and the fields while nobody has described the strips
    StripsLine* line_ = nullptr;
    PlugLine* plug_ = nullptr;
    LampsCard* lamps_ = nullptr;  ///< instead of all of it when the set has lamps
    QFrame* mapCard_ = nullptr;
    QFrame* entry_ = nullptr;
    BacklightMap* map_ = nullptr;
    QLabel* title_ = nullptr;
    QLabel* how_ = nullptr;
    QLineEdit* volts_ = nullptr;
    QLineEdit* lit_ = nullptr;
    QCheckBox* after_ = nullptr;
    QVBoxLayout* outcomes_ = nullptr;
    std::vector<NumberField*> tester_;
    QComboBox* method_ = nullptr;
    QLineEdit* ledReading_ = nullptr;
    QLineEdit* bridgeAmps_ = nullptr;
    QLabel* ledVerdict_ = nullptr;
    std::optional<backlight::Run> run_;
    Minus minus_ = Minus::EndOfRun;
    std::vector<backlight::LedPlace> bridged_;      ///< LEDs that the probe wants a jumper across
    std::optional<backlight::TesterSetting> once_;  ///< of the probe, where it is not the bench's
    bool goOn_ = false;  ///< a reading was written down: its assessment leads to the next probe
};

}  // namespace dimglow::app
