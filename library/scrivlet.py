"""Scrivlet's commands for Python 3: a nib that draws on a sheet.

When the program ends the drawing is written to drawing.svg. Two environment variables are for comparing runs:
SCRIVLET_TRACE=file writes what happened as JSON lines, SCRIVLET_SEED=number fixes what chance gives.
"""

import atexit
import json
import math
import os
import random
import re

_INKS = {
    "midnight": ("#22304f", 221), "sky": ("#3f8fd6", 208), "moss": ("#4c7a34", 99), "leaf": ("#2f9e5b", 144),
    "butter": ("#f2c94c", 45), "marigold": ("#e8912a", 33), "poppy": ("#d43d2c", 6), "rose": ("#d9679b", 333),
    "plum": ("#84397f", 304), "soil": ("#7a5233", 26), "slate": ("#6b7280", 220), "chalk": ("#ffffff", 0),
}
_GRID = 1e9
_FARTHEST = 1000000.0

_marks = []
_trace = []
_tracing = os.environ.get("SCRIVLET_TRACE")


def _happened(what, **fields):
    if _tracing:
        _trace.append(json.dumps({"do": what, **fields}, ensure_ascii=False))


def _number(value):
    if isinstance(value, str):
        raise TypeError(f"this command needs a number, not the text {value!r}")
    value = float(value)
    if not math.isfinite(value):
        raise ValueError("this command needs an ordinary number")
    return value


def _within(value, least, most):
    value = _number(value)
    if not least <= value <= most:
        raise ValueError(f"this command takes numbers from {least} to {most}")
    return value


def _on_circle(degrees):
    degrees = math.fmod(degrees, 360.0)
    if degrees < 0:
        degrees += 360.0
    degrees = math.floor(degrees * _GRID + 0.5) / _GRID
    return 0.0 if degrees >= 360.0 else degrees


def _colour(colour):
    name = str(colour).strip().lower()
    if name in _INKS:
        return _INKS[name]
    if not re.fullmatch("#[0-9a-f]{6}", name):
        raise ValueError(f"{colour!r} is no ink")
    red, green, blue = (int(name[i:i + 2], 16) for i in (1, 3, 5))
    largest = max(red, green, blue)
    spread = largest - min(red, green, blue)
    if spread == 0:
        return name, 0.0
    if largest == red:
        hue = 60.0 * (green - blue) / spread
    elif largest == green:
        hue = 120.0 + 60.0 * (blue - red) / spread
    else:
        hue = 240.0 + 60.0 * (red - green) / spread
    return name, float(math.floor(hue + 360.0 if hue < 0 else hue))


def _numeral(number):
    thousandths = math.floor(number * 1000 + 0.5)
    whole, fraction = divmod(abs(thousandths), 1000)
    text = f"{whole}.{fraction:03d}".rstrip("0").rstrip(".")
    return "-" + text if thousandths < 0 else text


class _Nib:
    def __init__(self):
        self._x = self._y = self._heading = 0.0
        self._down = True
        self._ink, self._hue = _INKS["midnight"]
        self._width = 2.0
        self._shape = None
        self._shape_ink = ""
        self._shape_mark = 0

    def forward(self, steps):
        steps = _number(steps)
        quarter = {0.0: (1.0, 0.0), 90.0: (0.0, 1.0), 180.0: (-1.0, 0.0), 270.0: (0.0, -1.0)}
        angle = self._heading / 180 * math.pi
        cos, sin = quarter.get(self._heading) or (math.cos(angle), math.sin(angle))
        self._go_to(self._x + steps * cos, self._y + steps * sin)

    def back(self, steps):
        self.forward(-_number(steps))

    def left(self, degrees):
        self._turn_to(self._heading + _number(degrees))

    def right(self, degrees):
        self._turn_to(self._heading - _number(degrees))

    def move_to(self, x, y):
        self._go_to(_number(x), _number(y))

    def face(self, degrees):
        self._turn_to(_number(degrees))

    def circle(self, radius, degrees):
        radius, degrees = _number(radius), _number(degrees)
        lines = 1 + int(min(11 + abs(radius) / 6.0, 59.0) * min(abs(degrees) / 360, 100.0))
        turn = degrees / lines
        length = 2.0 * radius * math.sin(turn / 2 / 180 * math.pi)
        if radius < 0:
            length, turn = -length, -turn
        self._turn_to(self._heading + turn / 2)
        for line in range(lines):
            self.forward(length)
            self._turn_to(self._heading + turn)
        self._turn_to(self._heading - turn / 2)

    def home(self):
        self._go_to(0.0, 0.0)
        self._turn_to(0.0)

    def lift(self):
        self._down = False
        _happened("pen", down=False)

    def lower(self):
        self._down = True
        _happened("pen", down=True)

    def ink(self, colour):
        self._ink, self._hue = _colour(colour)
        _happened("ink", ink=self._ink)

    def shift_ink(self, amount):
        self._hue = _on_circle(self._hue + _number(amount))
        self._ink = f"hsl({_numeral(math.floor(self._hue))}, 60%, 45%)"
        _happened("ink", ink=self._ink)

    def width(self, size):
        self._width = _within(size, 0, 200)
        _happened("width", width=self._width)

    def begin_fill(self, colour):
        self._shape_ink = _colour(colour)[0]
        self._shape = [[self._x, self._y]]
        self._shape_mark = len(_marks)
        _marks.append("")
        _happened("fill_begin")

    def end_fill(self):
        if self._shape is not None:
            points = " ".join(f"{_numeral(x)},{_numeral(-y)}" for x, y in self._shape)
            _marks[self._shape_mark] = f'<polygon points="{points}" fill="{self._shape_ink}"/>'
            _happened("fill", ink=self._shape_ink, points=self._shape)
            self._shape = None

    def dot(self, size):
        size = _within(size, 0, 1000)
        _marks.append(f'<circle cx="{_numeral(self._x)}" cy="{_numeral(-self._y)}" r="{_numeral(size / 2)}" fill="{self._ink}"/>')
        _happened("dot", x=self._x, y=self._y, size=size, ink=self._ink)

    def write(self, text):
        text = str(text)
        plain = re.sub("[\x00-\x08\x0b\x0c\x0e-\x1f]", "", text).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")
        _marks.append(f'<text x="{_numeral(self._x)}" y="{_numeral(-self._y)}" font-family="sans-serif" font-size="16" fill="{self._ink}">{plain}</text>')
        _happened("write", x=self._x, y=self._y, text=text, ink=self._ink)

    def speed(self, level):
        _happened("speed", level=_within(level, 0, 10))

    def show(self):
        _happened("show", visible=True)

    def hide(self):
        _happened("show", visible=False)

    def clear(self):
        _marks.clear()
        if self._shape is not None:
            self._shape = [[self._x, self._y]]
            self._shape_mark = 0
            _marks.append("")
        _happened("clear")

    def x(self):
        return self._x

    def y(self):
        return self._y

    def heading(self):
        return self._heading

    def _go_to(self, x, y):
        if abs(x) > _FARTHEST or abs(y) > _FARTHEST:
            raise ValueError("the nib went too far off the sheet")
        x = math.floor(x * _GRID + 0.5) / _GRID
        y = math.floor(y * _GRID + 0.5) / _GRID
        if self._down:
            _marks.append(f'<line x1="{_numeral(self._x)}" y1="{_numeral(-self._y)}" x2="{_numeral(x)}" y2="{_numeral(-y)}" stroke="{self._ink}" stroke-width="{_numeral(self._width)}"/>')
            _happened("stroke", x1=self._x, y1=self._y, x2=x, y2=y, ink=self._ink, width=self._width)
        else:
            _happened("move", x=x, y=y)
        self._x, self._y = x, y
        if self._shape is not None:
            self._shape.append([x, y])

    def _turn_to(self, degrees):
        self._heading = _on_circle(degrees)
        _happened("turn", heading=self._heading)


nib = _Nib()


def counted(first, last, by):
    """The numbers from first to last, both included, for counts that range can't do."""
    if by == 0:
        raise ValueError("counting by 0 never ends")
    number = first
    while number <= last if by > 0 else number >= last:
        yield number
        number += by


def _seeded(seed):
    state = seed % 2147483646 + 1

    def between(first, last):
        nonlocal state
        if first > last:
            raise ValueError(f"chance goes from the smaller number to the larger one, not from {first} to {last}")
        state = state * 48271 % 2147483647
        return first + state % (last - first + 1)

    return between


if "SCRIVLET_SEED" in os.environ:
    random.randint = _seeded(int(os.environ["SCRIVLET_SEED"]))

if _tracing:
    import builtins

    _print = print

    def _traced(*values, sep=" ", end="\n", **others):
        _print(*values, sep=sep, end=end, **others)
        _happened("print", text=sep.join(str(value) for value in values))

    builtins.print = _traced


@atexit.register
def _finish():
    with open("drawing.svg", "w", encoding="utf-8", newline="\n") as file:
        file.write('<svg xmlns="http://www.w3.org/2000/svg" viewBox="-240 -180 480 360" width="480" height="360">\n')
        file.write('<rect x="-240" y="-180" width="480" height="360" fill="#ffffff"/>\n<g stroke-linecap="round">\n')
        for mark in [mark for mark in _marks if mark][:20000]:
            file.write(mark + "\n")
        file.write("</g>\n</svg>\n")
    if _tracing:
        with open(_tracing, "w", encoding="utf-8", newline="\n") as file:
            file.writelines(line + "\n" for line in _trace)


# What programs that were written in another language use.

def trunc_mod(a, b):
    """What is left over when the quotient is cut towards zero."""
    return int(math.fmod(a, b)) if isinstance(a, int) and isinstance(b, int) else math.fmod(a, b)


def position(items, value):
    return items.index(value) if value in items else -1


def rounded(value):
    return math.floor(value + 0.5)


def rounded_away(value):
    return math.copysign(math.floor(abs(value) + 0.5), value)


def fixed(value, digits):
    return f"{value:.{digits}f}"
