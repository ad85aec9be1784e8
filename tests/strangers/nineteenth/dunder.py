from __future__ import annotations
import sys
from abc import ABC, abstractmethod
from typing import Callable, Iterable, Iterator, Generic, TypeVar, Protocol

T = TypeVar("T")


class Stack(Generic[T]):
    def __init__(self, items: Iterable[T] = ()) -> None:
        self._items: list[T] = list(items)

    def push(self, item: T) -> "Stack[T]":
        self._items.append(item)
        return self

    def pop(self) -> T:
        try:
            return self._items.pop()
        except IndexError:
            raise IndexError("stack is empty") from None

    def peek(self, default: T | None = None) -> T | None:
        return self._items[-1] if self._items else default

    def __len__(self) -> int:
        return len(self._items)

    def __iter__(self) -> Iterator[T]:
        return reversed(self._items)

    def __repr__(self) -> str:
        return f"{self.__class__.__name__}({self._items!r})"


class Observer(ABC):
    @abstractmethod
    def notify(self, event: str, **data) -> None: ...


class Logger(Observer):
    def __init__(self):
        self.lines = []

    def notify(self, event, **data):
        details = ", ".join(f"{k}={v!r}" for k, v in sorted(data.items()))
        self.lines.append(f"[{event}] {details}")


class Thermostat:
    def __init__(self, target=20):
        self._target = target
        self._observers: list[Observer] = []

    def attach(self, observer):
        self._observers.append(observer)
        return observer

    @property
    def target(self):
        return self._target

    @target.setter
    def target(self, value):
        if not 5 <= value <= 30:
            raise ValueError(f"target {value} out of range")
        old, self._target = self._target, value
        for o in self._observers:
            o.notify("changed", old=old, new=value)


def timed(label: str) -> Callable:
    def decorator(func):
        def wrapper(*args, **kwargs):
            print(f"-> {label}")
            result = func(*args, **kwargs)
            print(f"<- {label}: {result}")
            return result
        return wrapper
    return decorator


@timed("sum of squares")
def sum_squares(n: int) -> int:
    return sum(i * i for i in range(n + 1))


class Countdown:
    def __init__(self, start):
        self.current = start

    def __iter__(self):
        return self

    def __next__(self):
        if self.current <= 0:
            raise StopIteration
        self.current -= 1
        return self.current + 1


class Managed:
    def __init__(self, name):
        self.name = name

    def __enter__(self):
        print("enter", self.name)
        return self

    def __exit__(self, exc_type, exc, tb):
        print("exit", self.name, exc_type.__name__ if exc_type else None)
        return exc_type is ValueError


class Vector:
    __slots__ = ("x", "y")

    def __init__(self, x, y):
        self.x, self.y = x, y

    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k): return Vector(self.x * k, self.y * k)
    __rmul__ = __mul__
    def __neg__(self): return self * -1
    def __abs__(self): return (self.x ** 2 + self.y ** 2) ** 0.5
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)
    def __str__(self): return f"<{self.x}, {self.y}>"
    def __getitem__(self, i): return (self.x, self.y)[i]


def main() -> int:
    s = Stack([1, 2]).push(3)
    print(s, len(s), list(s), s.pop(), s.peek(), Stack().peek("none"))
    try:
        Stack().pop()
    except IndexError as e:
        print("caught", e)
    t = Thermostat()
    log = t.attach(Logger())
    t.target = 25
    for bad in (3, 99):
        try:
            t.target = bad
        except ValueError as e:
            print(e)
    print(log.lines, t.target)
    sum_squares(4)
    print(list(Countdown(3)), sum(Countdown(4)), [x for x in Countdown(2)])
    with Managed("a") as m:
        print("inside", m.name)
        raise ValueError("swallowed")
    with Managed("b"):
        pass
    v, w = Vector(3, 4), Vector(1, 1)
    print(v + w, v - w, v * 2, 2 * v, -v, abs(v), v == Vector(3, 4), v[0], v != w)
    return 0


if __name__ == "__main__":
    sys.exit(main())
