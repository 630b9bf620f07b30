"""Gives a face a family name of its own.

The mono faces also register under the plain family's name, one of them as its regular style, so a family name alone
would not say which face is meant.

usage: rename_face.py SOURCE FAMILY STYLE TARGET
"""
import sys

from fontTools.ttLib import TTFont

source, family, style, target = sys.argv[1:]
font = TTFont(source)
names = font["name"]
for ident in (16, 17, 18, 21, 22):
    names.removeNames(nameID=ident)
postscript = f"{family}-{style}".replace(" ", "")
for ident, text in ((1, family), (2, style), (4, f"{family} {style}"), (6, postscript)):
    for record in [r for r in names.names if r.nameID == ident]:
        names.setName(text, ident, record.platformID, record.platEncID, record.langID)
if "CFF " in font:
    cff = font["CFF "].cff
    cff.fontNames[0] = postscript
    cff.topDictIndex[0].FamilyName = family
    cff.topDictIndex[0].FullName = f"{family} {style}"
font.save(target)
