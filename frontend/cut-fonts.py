"""Cuts the variable fonts down to the weights, letters and features that pages use: cut-fonts.py FOLDER-OF-ORIGINALS.

Needs Debian's python3-fonttools and python3-brotli; run only when a font is renewed, its result is committed.
"""
import sys
from pathlib import Path

from fontTools.subset import Options, Subsetter
from fontTools.ttLib import TTFont
from fontTools.varLib import instancer

OUT = Path(__file__).parent.parent / "app/src/main/resources/static/fonts"
WEIGHTS = {
    "bricolage-grotesque": 700,
    "atkinson-hyperlegible-next": (400, 700),
    "atkinson-hyperlegible-mono": (400, 700),
}

OPTIONS = Options()
OPTIONS.hinting = False
OPTIONS.layout_features = ["kern", "liga", "calt", "zero", "ccmp", "locl"]
# names of the font and of its licence
OPTIONS.name_IDs = [0, 1, 2, 4, 5, 6, 13, 14]


def letters(font):
    """All but accents that stand alone and a space without width."""
    return [c for c in font.getBestCmap() if not 0x300 <= c <= 0x36F and c != 0x200B]


for name, weights in WEIGHTS.items():
    file = f"{name}-latin-wght-normal.woff2"
    font = instancer.instantiateVariableFont(TTFont(Path(sys.argv[1]) / file), {"wght": weights})
    subsetter = Subsetter(OPTIONS)
    subsetter.populate(unicodes=letters(font))
    subsetter.subset(font)
    font.flavor = "woff2"
    font.save(OUT / file)
