"""Runs a program for the standard drawing module with the module's own arithmetic, without a window.

What would be drawn is printed as JSON: each line with its two ends.
"""

import json
import sys
import types


class Anything(types.ModuleType):
    """Stands for the window's library, of which nothing is used here."""

    def __getattr__(self, name):
        if name.startswith("__"):
            raise AttributeError(name)
        return type(name, (), {})


for name in ("tkinter", "tkinter.simpledialog"):
    sys.modules[name] = Anything(name)
import turtle as real  # noqa: E402

lines = []


class Nib(real.TPen, real.TNavigator):
    undobuffer = None

    def __init__(self):
        real.TNavigator.__init__(self)
        real.TPen.__init__(self)

    def _goto(self, end):
        if self._drawing:
            lines.append([self._position[0], self._position[1], end[0], end[1]])
        self._position = end

    def _update(self, *_):
        pass

    def color(self, *_, **__):
        pass

    pencolor = fillcolor = begin_fill = end_fill = dot = write = clear = shape = color


class Module(types.ModuleType):
    pass


nib = Nib()
module = Module("turtle")
for name in dir(nib):
    if not name.startswith("_"):
        setattr(module, name, getattr(nib, name))
nothing = types.SimpleNamespace()
for name in ("bgcolor", "done", "mainloop", "exitonclick", "title"):
    setattr(module, name, lambda *_: None)
    setattr(nothing, name, lambda *_: None)
module.Turtle = lambda: nib
module.Screen = lambda: nothing
module.__all__ = [name for name in dir(module) if not name.startswith("_")]
sys.modules["turtle"] = module
with open(sys.argv[1], encoding="utf-8") as file:
    exec(compile(file.read(), sys.argv[1], "exec"), {"__name__": "__main__"})
print(json.dumps(lines))
