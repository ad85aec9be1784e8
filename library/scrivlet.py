"""Scrivlet's commands for Python 3: a nib, a barrow, a lantern and a mower, and scripts that wait for something.

When the program ends the nib's drawing is written to drawing.svg. A plot or a lawn is read from layout.txt, presses of
buttons from signals.txt. For comparing runs, SCRIVLET_LAYOUT and SCRIVLET_SIGNALS name other files, SCRIVLET_TRACE=file
writes what happened as JSON lines, SCRIVLET_SEED=number fixes what chance gives, and SCRIVLET_SECONDS ends the run.
"""

import atexit
import functools
import heapq
import json
import math
import os
import random
import re
import sys
import threading
import time
import traceback

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


def _happened(kind, /, **fields):
    global _told
    if _tracing:
        if _told != _now:
            _told = _now
            _trace.append(json.dumps({"do": "time", "at": _now}))
        _trace.append(json.dumps({"do": kind, **fields}, ensure_ascii=False))


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

    def reset(self):
        self._shape = None
        self.lift()
        self.home()
        self.lower()
        self.ink("midnight")
        self.width(2)
        self.appear()
        self.clear()

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

    def open_shape(self, colour):
        self._shape_ink = _colour(colour)[0]
        self._shape = [[self._x, self._y]]
        self._shape_mark = len(_marks)
        _marks.append("")
        _happened("fill_begin")

    def close_shape(self):
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

    def pace(self, level):
        _happened("speed", level=0.0 if level == "at once" else _within(level, 0, 10))

    def appear(self):
        _happened("show", visible=True)

    def vanish(self):
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

    def facing(self):
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


# Time, and scripts that run in turns. A script keeps its turn until it waits or ends; of two that are due at the same
# time the one goes first that was put down first. While a trace is written time passes at once, otherwise really.

_TAP = 200
_ASKING = 10
_signals = []
_listeners = {}
_now = 0
_told = 0
_last = int(float(os.environ["SCRIVLET_SECONDS"]) * 1000) if "SCRIVLET_SECONDS" in os.environ else None


class _Task:
    def __init__(self, handle=None):
        self.turn = threading.Event()
        self.at = self.order = 0
        self.handle = handle
        self.thread = None


_main = _Task()
_running = _main
_waiting = []
_orders = 0


def _put(task, at):
    global _orders
    task.at, task.order = at, _orders
    _orders += 1
    _waiting.append(task)


def _pass(to):
    global _now
    if to <= _now:
        return
    end = to if _last is None else min(to, _last)
    if not _tracing:
        time.sleep((end - _now) / 1000)
    mower._advance(_now, end)
    _now = end
    if end < to:
        _finish()
        sys.stdout.flush()
        os._exit(0)


def _deliver(signal):
    _pass(signal[0])
    _signals.pop(0)
    if signal[1] == "light":
        lantern._lit(signal[2])
    else:
        lantern._moved(signal[2], signal[1] == "press")


def _happen(what):
    for listener in _listeners.get(what, []):
        listener[1] += 1
        if not listener[2]:
            listener[2] = True
            _put(_Task(lambda listener=listener: _handle(listener)), _now)


def _handle(listener):
    while listener[1] > 0:
        listener[1] -= 1
        listener[0]()
    listener[2] = False


def _next():
    """The script whose turn it is, or None when all are done and nothing can start one."""
    while True:
        first = min(_waiting, key=lambda task: (task.at, task.order), default=None)
        if _signals and (_signals[0][0] <= first.at if first else _listeners):
            _deliver(_signals[0])
            continue
        if first:
            _waiting.remove(first)
            _pass(first.at)
        return first


def _give_turn(task):
    global _running
    _running = task
    if task is not _main and task.thread is None:
        task.thread = threading.Thread(target=_script, args=(task,), daemon=True)
        task.thread.start()
    else:
        task.turn.set()


def _script(task):
    try:
        task.handle()
        _give_turn(_next() or _main)
    except BaseException:
        traceback.print_exc()
        sys.stdout.flush()
        _finish()
        os._exit(1)


def _wait(milliseconds):
    me = _running
    _put(me, _now + max(0, milliseconds))
    task = _next()
    if task is not me:
        _give_turn(task)
        me.turn.wait()
        me.turn.clear()


def _elapse(milliseconds):
    """Time that passes while the script keeps its turn."""
    end = _now + milliseconds
    while _signals and _signals[0][0] <= end:
        _deliver(_signals[0])
    _pass(end)


def _rest():
    """After the program's last line: the scripts that are still under way, and those that something starts."""
    global _failed
    task = None if _failed else _next()
    if task:
        _give_turn(task)
        _main.turn.wait()
    _finish()


def wait(seconds):
    seconds = _number(seconds)
    _wait(math.floor(min(max(seconds, 0.0), 1e6) * 1000 + 0.5))


def announce(message):
    _happened("announce", message=str(message))
    _happen(f"when_announced {message}")


def _on(what, handler):
    if not callable(handler):
        raise TypeError("a handler is the name of a function, without brackets")
    _listeners.setdefault(what, []).append([handler, 0, False])


def when_announced(message, handler):
    _on(f"when_announced {message}", handler)


def _read_signals(text):
    for line in text.splitlines():
        words = line.split()
        if not words or words[0].startswith("//"):
            continue
        at = round(float(words[0]) * 1000)
        if words[1] == "light":
            _signals.append((at, "light", int(words[2])))
            continue
        for button in ["round", "square"] if words[2] == "both" else [words[2]]:
            if words[1] != "release":
                _signals.append((at, "press", button))
            if words[1] != "press":
                _signals.append((at + _TAP if words[1] == "tap" else at, "release", button))
    _signals.sort(key=lambda signal: signal[0])


def _file(variable, name):
    """What a file beside the program says, or the one that a variable names; nothing if there is none."""
    path = os.environ.get(variable, name)
    if not os.path.exists(path):
        return ""
    with open(path, encoding="utf-8") as file:
        return file.read()


# The barrow on its plot.

_TURNS = ["right", "up", "left", "down"]
_STEPS = {"right": (1, 0), "up": (0, -1), "left": (-1, 0), "down": (0, 1)}


class _Barrow:
    def __init__(self):
        self._map = None

    def _plot(self):
        if self._map is None:
            text = _file("SCRIVLET_LAYOUT", "layout.txt") or "load: 3\n\n########\n#......#\n#>.....#\n#......#\n########\n"
            self._map, self._load, self._seedlings = [], 0, set()
            for line in text.splitlines():
                line = line.rstrip()
                if not self._map and (line == "" or line.startswith(("//", "name:", "goal:", "load:"))):
                    self._load = int(line[5:]) if line.startswith("load:") else self._load
                elif line:
                    self._map.append(line)
            width = max(len(line) for line in self._map)
            self._map = [line.ljust(width, "#") for line in self._map]
            for y, line in enumerate(self._map):
                for x, sign in enumerate(line):
                    if sign in ">^<v":
                        self._x, self._y, self._facing = x, y, _TURNS[">^<v".index(sign)]
                    if sign in "*%":
                        self._seedlings.add((x, y))
        return self._map

    def _ahead(self, facing):
        right, down = _STEPS[facing]
        return self._x + right, self._y + down

    def _sign(self, x, y):
        plot = self._plot()
        return plot[y][x] if 0 <= y < len(plot) and 0 <= x < len(plot[0]) else None

    def _free(self, x, y):
        return self._sign(x, y) not in (None, "#", "o")

    def step(self):
        self._plot()
        x, y = self._ahead(self._facing)
        if not self._free(x, y):
            _happened("bump", x=self._x + 1, y=self._y + 1)
            what = {"#": "bumped into a hedge", "o": "bumped into a stone"}.get(self._sign(x, y), "would roll over the edge")
            raise RuntimeError(f"the barrow {what}")
        self._x, self._y = x, y
        _happened("roll", x=x + 1, y=y + 1)

    def turn_left(self):
        self._turn(1)

    def turn_right(self):
        self._turn(3)

    def _turn(self, by):
        self._plot()
        self._facing = _TURNS[(_TURNS.index(self._facing) + by) % 4]
        _happened("swing", facing=self._facing)

    def plant(self):
        self._plot()
        if (self._x, self._y) in self._seedlings:
            raise RuntimeError("a seedling stands here already")
        if self._load == 0:
            raise RuntimeError("the barrow is empty")
        self._load -= 1
        self._seedlings.add((self._x, self._y))
        _happened("plant", x=self._x + 1, y=self._y + 1, load=self._load)

    def pick(self):
        self._plot()
        if (self._x, self._y) not in self._seedlings:
            raise RuntimeError("there is no seedling here")
        self._load += 1
        self._seedlings.remove((self._x, self._y))
        _happened("pick", x=self._x + 1, y=self._y + 1, load=self._load)

    def path_clear(self):
        self._plot()
        return _answer("path_clear", self._free(*self._ahead(self._facing)))

    def clear_left(self):
        self._plot()
        return _answer("clear_left", self._free(*self._ahead(_TURNS[(_TURNS.index(self._facing) + 1) % 4])))

    def clear_right(self):
        self._plot()
        return _answer("clear_right", self._free(*self._ahead(_TURNS[(_TURNS.index(self._facing) + 3) % 4])))

    def seedling_here(self):
        self._plot()
        return _answer("seedling_here", (self._x, self._y) in self._seedlings)

    def at_gate(self):
        self._plot()
        return _answer("at_gate", self._sign(self._x, self._y) == "G")

    def facing(self):
        self._plot()
        return _answer("facing", self._facing)

    def load(self):
        self._plot()
        return _answer("load", self._load)


def _answer(what, answer):
    _happened("sense", what=what, answer=answer)
    return answer


# The lantern at the gate.

_GLYPHS = {}
for _entry in (
    "A.#.#.#####.##.# B##.#.###.#.###. C.###..#..#...## D##.#.##.##.###. E####..##.#..### "
    "F####..##.#..#.. G.###..#.##.#.## H#.##.#####.##.# I###.#..#..#.### J..#..#..##.#.#. "
    "K#.##.###.#.##.# L#..#..#..#..### M#...###.###.#.##...##...# N#..###.##.###..##..# O.#.#.##.##.#.#. "
    "P##.#.###.#..#.. Q.##.#..##..##.##.### R##.#.###.#.##.# S.###...#...###. T###.#..#..#..#. "
    "U#.##.##.##.#### V#.##.##.##.#.#. W#...##...##.#.##.#.#.#.#. X#.##.#.#.#.##.# Y#.##.#.#..#..#. "
    "Z###..#.#.#..### 0.#.#.##.##.#.#. 1.#.##..#..#.### 2##...#.#.#..### 3##...#.#...###. "
    "4#.##.####..#..# 5####..##...###. 6.###..##.#.#.#. 7###..#.#..#..#. 8.#.#.#.#.#.#.#. "
    "9.#.#.#.##..###. !###.# .....# ,...## :.#.#. ;.#.## ?##...#.#.....#. +....#.###.#.... "
    "-......###...... *...#.#.#.#.#... /..#..#.#.#..#.. =...###...###... (.##.#.#..# )#..#.#.##. "
    "<..#.#.#...#...# >#...#...#.#.#.. '##... \"#.##.#......... #.#.#.#####.#.#####.#.#. %#.#..#.#.#..#.# "
    "&.#..#.#..#..#.#.#.#. _............### "
).split():
    _cells, _wide = _entry[1:], max(1, (len(_entry) - 1) // 5)
    _GLYPHS[_entry[0]] = [_cells[row * _wide:row * _wide + _wide] for row in range(5)]


def _letters(text):
    text = str(text)
    if len(text) > 200:
        raise ValueError("the text is too long for the lantern")
    rows = [""] * 5
    for index, letter in enumerate(text):
        letter = letter.upper() if letter.isascii() else letter
        glyph = ["."] * 5 if letter == " " else _GLYPHS.get(letter, ["###", "#.#", "#.#", "#.#", "###"])
        rows = [row + ("." if index else "") + lamps for row, lamps in zip(rows, glyph)]
    return rows


class _Lantern:
    def __init__(self):
        self._lamps = ["." * 9] * 5
        self._light = 50
        self._down = {}
        self._was = {}

    def shine(self, value):
        rows = _letters(value)
        if len(rows[0]) > 9:
            raise ValueError(f"{value!r} is too wide for nine lamps")
        left = (9 - len(rows[0])) // 2
        self._shine([("." * left + row).ljust(9, ".") for row in rows])

    def roll(self, text):
        rows = _letters(text)
        for at in range(1, len(rows[0]) + 10):
            self._shine([("." * 9 + row + "." * 9)[at:at + 9] for row in rows])
            _wait(100)

    def light(self, x, y):
        self._lamp(x, y, "#")

    def dark(self, x, y):
        self._lamp(x, y, ".")

    def _lamp(self, x, y, sign):
        x, y = _number(x), _number(y)
        if not (0 <= x < 9 and 0 <= y < 5):
            raise ValueError("there is no such lamp: x goes from 0 to 8, y from 0 to 4")
        x, y = int(x), int(y)
        rows = list(self._lamps)
        rows[y] = rows[y][:x] + sign + rows[y][x + 1:]
        self._shine(rows)

    def pattern(self, rows):
        rows = str(rows)
        if not re.fullmatch("(?:[#.]{0,9}/){0,4}[#.]{0,9}", rows):
            raise ValueError("a pattern has at most five rows with / between them, of at most nine signs # and .")
        self._shine([row.ljust(9, ".") for row in (rows.split("/") + [""] * 5)[:5]])

    def clear(self):
        self.pattern("")

    def held(self, button):
        button = self._button(button)
        _elapse(_ASKING)
        return _answer(f"pressed {button}", self._both() if button == "both" else self._down.get(button, False))

    def tapped(self, button):
        button = self._button(button)
        _elapse(_ASKING)
        return _answer(f"tapped {button}", self._was.pop(button, False))

    def brightness(self):
        _elapse(_ASKING)
        return _answer("brightness", self._light)

    def when_tapped(self, button, handler):
        _on(f"when_tapped {self._button(button)}", handler)

    def when_light(self, change, handler):
        _on(f"when_light {change}", handler)

    @staticmethod
    def _button(button):
        if button not in ("round", "square", "both"):
            raise ValueError(f"{button!r} is no button")
        return button

    def _both(self):
        return self._down.get("round", False) and self._down.get("square", False)

    def _moved(self, button, down):
        both, was_down = self._both(), self._down.get(button, False)
        self._down[button] = down
        _happened("button", button=button, down=down)
        if down and not was_down:
            self._was[button] = True
            _happen(f"when_tapped {button}")
            if self._both() and not both:
                self._was["both"] = True
                _happen("when_tapped both")

    def _lit(self, level):
        before, self._light = self._light, level
        _happened("daylight", level=level)
        if level != before:
            _happen("when_light " + ("darker" if level < before else "brighter"))

    def _shine(self, rows):
        self._lamps = rows
        _happened("lamps", rows=rows)


# The mower on its lawn: two driven wheels, moved on exactly along an arc in steps of a fixed time.

_STEP = 20
_PLACES = {1: 150.0, 2: -150.0, 3: 30.0, 4: 0.0, 5: -30.0, 6: 90.0, 7: -90.0, 8: 180.0}


def _on_grid(number):
    return math.floor(number * 1e9 + 0.5) / 1e9


def _most(number, most):
    number = _number(number)
    if abs(number) > most:
        raise ValueError(f"this command takes numbers from -{most} to {most}")
    return number


class _Mower:
    def __init__(self):
        self._left = self._right = 0.0
        self._unit = 1.0
        self._plugged = set()
        self._x, self._y, self._heading = 0.0, 0.0, 90.0
        self._piles = []
        for line in (_file("SCRIVLET_LAYOUT", "layout.txt") or "mower: 0 0 90\npile: 0 70\npile: 60 -40\n").splitlines():
            word, _, rest = line.strip().partition(":")
            if word == "mower":
                self._x, self._y, self._heading = (float(part) for part in rest.split())
                self._heading = math.fmod(math.fmod(self._heading, 360.0) + 360.0, 360.0)
            elif word == "pile":
                self._piles.append([float(part) for part in rest.split()])

    def drive(self, left, right):
        self._speeds(_most(left, 100) * 30.0 / 100, _most(right, 100) * 30.0 / 100)

    def travel(self, distance, speed):
        speed = abs(_most(speed, 100)) * 30.0 / 100
        distance = _most(distance, 1000) * self._unit
        if speed == 0 and distance != 0:
            raise ValueError("at speed 0 the mower never arrives")
        milliseconds = 0 if speed == 0 else math.floor(abs(distance) / speed * 1000 + 0.5)
        if milliseconds > 0:
            self._speeds(distance / milliseconds * 1000, distance / milliseconds * 1000)
            _wait(milliseconds)
        self.stop()

    def turn(self, degrees):
        degrees = _most(degrees, 3600)
        milliseconds = math.floor(abs(degrees) / 90.0 * 1000 + 0.5)
        if milliseconds > 0:
            speed = degrees / milliseconds * 1000 / 180.0 * math.pi * 20.0 / 2
            self._speeds(-speed, speed)
            _wait(milliseconds)
        self.stop()

    def stop(self):
        self._speeds(0.0, 0.0)

    def lamp(self, colour):
        _happened("lamp", socket=0, ink=_colour(colour)[0])

    def units(self, unit):
        if unit not in ("cm", "inches"):
            raise ValueError(f"{unit!r} is no unit")
        self._unit = 1.0 if unit == "cm" else 2.54

    def _speeds(self, left, right):
        self._left, self._right = left, right
        _happened("wheels", left=_on_grid(left), right=_on_grid(right))

    def _plug(self, socket):
        socket = _number(socket)
        if socket not in _PLACES:
            raise ValueError("there is no such socket: they have the numbers 1 to 8")
        if socket in self._plugged:
            raise ValueError(f"something is plugged into socket {int(socket)} already")
        self._plugged.add(socket)
        return int(socket)

    def _sensor(self, socket):
        angle = (self._heading + _PLACES[socket]) / 180.0 * math.pi
        return _on_grid(self._x + 10.0 * math.cos(angle)), _on_grid(self._y + 10.0 * math.sin(angle))

    def _nearest(self, socket):
        x, y = self._sensor(socket)
        angle = (self._heading + _PLACES[socket]) / 180.0 * math.pi
        cos, sin = math.cos(angle), math.sin(angle)
        field = 15.0 / 180.0 * math.pi
        nearest = 80.0
        for pile_x, pile_y in self._piles:
            dx, dy = pile_x - x, pile_y - y
            along, aside = dx * cos + dy * sin, abs(dy * cos - dx * sin)
            if along > 0 and aside * math.cos(field) - along * math.sin(field) <= 12.0:
                nearest = min(nearest, max(0.0, math.sqrt(dx * dx + dy * dy) - 12.0))
        return _on_grid(nearest)

    def _advance(self, at, to):
        if self._left == 0 and self._right == 0:
            return
        global _now
        while at < to:
            after = min(to, at // _STEP * _STEP + _STEP)
            self._move((after - at) / 1000)
            at = _now = after
            _happened("pose", x=self._x, y=self._y, heading=self._heading)
            self._push()
            if self._x * self._x + self._y * self._y > 150 * 150:
                raise RuntimeError("the mower drove off the gravel")

    def _move(self, seconds):
        angle = self._heading / 180.0 * math.pi
        speed = (self._left + self._right) / 2
        turning = (self._right - self._left) / 20.0
        if turning == 0:
            self._x += speed * seconds * math.cos(angle)
            self._y += speed * seconds * math.sin(angle)
        else:
            radius = speed / turning
            after = angle + turning * seconds
            self._x += radius * (math.sin(after) - math.sin(angle))
            self._y += radius * (math.cos(angle) - math.cos(after))
        self._x, self._y = _on_grid(self._x), _on_grid(self._y)
        heading = math.fmod(self._heading + turning * seconds / math.pi * 180.0, 360.0)
        heading = _on_grid(heading + 360.0 if heading < 0 else heading)
        self._heading = 0.0 if heading >= 360.0 else heading

    def _push(self):
        for index, (x, y) in enumerate(self._piles):
            dx, dy = x - self._x, y - self._y
            away = math.sqrt(dx * dx + dy * dy)
            if 0 < away < 24.0 - 1e-5:
                self._piles[index] = [_on_grid(self._x + dx / away * 24.0), _on_grid(self._y + dy / away * 24.0)]
                _happened("pile", index=index, x=self._piles[index][0], y=self._piles[index][1])


class DrivePair:
    """The mower's wheels, on two sockets."""

    def __init__(self, left_socket, right_socket):
        mower._plug(left_socket)
        mower._plug(right_socket)

    def drive(self, left, right):
        mower.drive(left, right)

    def travel(self, distance, speed):
        mower.travel(distance, speed)

    def turn(self, degrees):
        mower.turn(degrees)

    def stop(self):
        mower.stop()


class SurfaceSensor:
    """Tells grass from gravel."""

    def __init__(self, socket):
        self._socket = mower._plug(socket)

    def surface(self):
        _elapse(_ASKING)
        x, y = mower._sensor(self._socket)
        return _answer(f"surface {self._socket}", "gravel" if x * x + y * y > 120 * 120 else "grass")


class RangeSensor:
    """The way to the next leaf pile in its field, in whole centimetres or inches; now and then nothing."""

    def __init__(self, socket):
        self._socket = mower._plug(socket)

    def distance(self):
        _elapse(_ASKING)
        silent = random.randint(1, 12) == 1
        return _answer(f"distance {self._socket}", None if silent else math.floor(mower._nearest(self._socket) / mower._unit))


class Lamp:
    """A lamp on a socket."""

    def __init__(self, socket):
        self._socket = mower._plug(socket)

    def show(self, colour):
        _happened("lamp", socket=self._socket, ink=_colour(colour)[0])

    def off(self):
        _happened("lamp", socket=self._socket, ink="")


nib = _Nib()
barrow = _Barrow()
lantern = _Lantern()
mower = _Mower()
_read_signals(_file("SCRIVLET_SIGNALS", "signals.txt"))


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


    _input = input

    def _asked(*values):
        answer = _input(*values)
        _happened("ask", answer=answer)
        return answer

    builtins.input = _asked

_failed = False


def _note_failure(*mistake):
    global _failed
    _failed = True
    sys.__excepthook__(*mistake)


sys.excepthook = _note_failure


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


# Scripts may still wait when the program's own last line has run, so that they need threads, which end before atexit.
getattr(threading, "_register_atexit", atexit.register)(_rest)


# What programs that were written in another language use.

_words = []


def next_word():
    """One word after another of what is typed, of which a line may have several."""
    while not _words:
        _words.extend(input().split())
    return _words.pop(0)


def trunc_mod(a, b):
    """What is left over when the quotient is cut towards zero."""
    if not isinstance(a, int) or not isinstance(b, int):
        return math.fmod(a, b)
    rest = abs(a) % abs(b)
    return -rest if a < 0 else rest


def reduced(values, join, start):
    for value in values:
        start = join(start, value)
    return start


def first_of(values, condition):
    return next((value for value in values if condition(value)), None)


def first_place(values, condition):
    return next((place for place, value in enumerate(values) if condition(value)), -1)


def or_else(value, otherwise):
    return otherwise if value is None else value


def folded(values, join):
    return functools.reduce(join, values)


def sort_with(values, compare):
    values.sort(key=functools.cmp_to_key(compare))


def sorted_with(values, compare):
    return sorted(values, key=functools.cmp_to_key(compare))


def _by_order(is_before):
    return functools.cmp_to_key(lambda one, other: -1 if is_before(one, other) else 1 if is_before(other, one) else 0)


def sort_before(values, is_before):
    values.sort(key=_by_order(is_before))


def sort_part_before(values, is_before, start, end):
    values[start:end] = sorted(values[start:end], key=_by_order(is_before))


def _heap(items, is_behind):
    """The members as a heap has them to which one after the other was added."""
    heap = []
    for item in items:
        heapq.heappush(heap, functools.cmp_to_key(lambda one, other: -1 if is_behind(other, one) else 1)(item))
    return heap


def first_out(items, is_behind):
    """What a queue gives out next whose members are compared by a function."""
    return _heap(items, is_behind)[0].obj


def take_first(items, is_behind):
    heap = _heap(items, is_behind)
    heapq.heappop(heap)
    items[:] = [item.obj for item in heap]


def exchange(one, other):
    """Two lists, maps or sets get what the other one has."""
    kept = one.copy()
    if isinstance(one, list):
        one[:], other[:] = other, kept
    else:
        refill(one, other)
        refill(other, kept)


def refill(place, other):
    """A map or a set gets what another one has, and nothing else."""
    other = other.copy()
    place.clear()
    place.update(other)


def fill_up(values, value, start, end):
    for place in range(*slice(start, end).indices(len(values))):
        values[place] = value


def cube_root(number):
    return math.cbrt(number)


def in_base(number, base):
    digits = ""
    rest = abs(int(number))
    while rest > 0 or digits == "":
        digits = "0123456789abcdefghijklmnopqrstuvwxyz"[rest % base] + digits
        rest //= base
    return "-" + digits if number < 0 else digits


def left_out(entries, keys):
    """A map without some of its keys."""
    return {key: value for key, value in entries.items() if key not in keys}


def flattened(lists):
    return [item for inner in lists for item in inner]


def sign_of(number):
    return (number > 0) - (number < 0)


def alike(one, other):
    if isinstance(one, str) != isinstance(other, str) and one is not None and other is not None:
        try:
            return float(one) == float(other)
        except (TypeError, ValueError):
            return False
    return one == other


def is_there(value):
    return isinstance(value, (list, tuple, dict, set)) or bool(value)


def with_letter(text, place, letter):
    return text[:place] + letter + text[place + 1 :]


def with_letter_of_c(text, place, letter):
    return text[:place] if letter == "\0" else text[:place].ljust(place, "\0") + letter + text[place + 1 :]


def letters_between(first, last):
    return [chr(code) for code in range(ord(first), ord(last) + 1)]


def _places(text, letters, among):
    return [place for place, letter in enumerate(text) if (letter in letters) == among]


def first_among(text, letters):
    return next(iter(_places(text, letters, True)), -1)


def last_among(text, letters):
    return max(_places(text, letters, True), default=-1)


def first_apart(text, letters):
    return next(iter(_places(text, letters, False)), -1)


def last_apart(text, letters):
    return max(_places(text, letters, False), default=-1)


def put_new(items, item):
    is_new = item not in items
    items.add(item)
    return is_new


def position(items, value):
    return items.index(value) if value in items else -1


def substring(text, first, last):
    first, last = (max(0, min(len(text), place)) for place in (first, last))
    return text[min(first, last):max(first, last)]


def rounded(value):
    return math.floor(value + 0.5)


def rounded_away(value):
    return math.copysign(math.floor(abs(value) + 0.5), value)


def fixed(value, digits):
    return f"{value:.{digits}f}"
