"""Cuts the variable fonts down to the weights that pages use: cut-fonts.py FOLDER-OF-ORIGINALS.

Needs Debian's python3-fonttools and python3-brotli; run only when a font is renewed, its result is committed.
"""
import sys
from pathlib import Path

from fontTools.ttLib import TTFont
from fontTools.varLib import instancer

OUT = Path(__file__).parent.parent / "app/src/main/resources/static/fonts"
WEIGHTS = {
    "bricolage-grotesque": 700,
    "atkinson-hyperlegible-next": (400, 700),
    "atkinson-hyperlegible-mono": (400, 700),
}

for name, weights in WEIGHTS.items():
    file = f"{name}-latin-wght-normal.woff2"
    font = instancer.instantiateVariableFont(TTFont(Path(sys.argv[1]) / file), {"wght": weights})
    font.flavor = "woff2"
    font.save(OUT / file)
