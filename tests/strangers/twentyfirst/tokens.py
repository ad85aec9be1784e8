from typing import NamedTuple, Iterator
import re


class Token(NamedTuple):
    kind: str
    text: str
    at: int


SPEC = [("num", r"\d+(?:\.\d+)?"), ("name", r"[a-z_]\w*"), ("op", r"[-+*/()=]"), ("skip", r"\s+")]


def tokens(text: str) -> Iterator[Token]:
    at = 0
    while at < len(text):
        for kind, pattern in SPEC:
            m = re.match(pattern, text[at:])
            if m:
                if kind != "skip":
                    yield Token(kind, m.group(), at)
                at += m.end()
                break
        else:
            raise SyntaxError(f"unexpected {text[at]!r} at {at}")


class Calculator:
    def __init__(self):
        self.names = {"ans": 0.0}

    def __call__(self, text):
        self.rest = list(tokens(text))
        self.pos = 0
        if len(self.rest) > 1 and self.rest[0].kind == "name" and self.rest[1].text == "=":
            name = self.take().text
            self.take()
            self.names[name] = self.sum()
            return self.names[name]
        self.names["ans"] = self.sum()
        return self.names["ans"]

    def peek(self):
        return self.rest[self.pos].text if self.pos < len(self.rest) else None

    def take(self):
        self.pos += 1
        return self.rest[self.pos - 1]

    def sum(self):
        value = self.product()
        while self.peek() in ("+", "-"):
            value = value + self.product() if self.take().text == "+" else value - self.product()
        return value

    def product(self):
        value = self.factor()
        while self.peek() in ("*", "/"):
            if self.take().text == "*":
                value *= self.factor()
            else:
                value /= self.factor()
        return value

    def factor(self):
        t = self.take()
        if t.kind == "num":
            return float(t.text)
        if t.kind == "name":
            return self.names[t.text]
        if t.text == "-":
            return -self.factor()
        if t.text == "(":
            value = self.sum()
            self.take()
            return value
        raise SyntaxError(t.text)


calc = Calculator()
for line in ["1 + 2 * 3", "x = (ans + 1) / 4", "x * -x", "y + 1", "4 / 0", "2 $ 3", "10 - 4 - 3"]:
    try:
        print(f"{line:<20}= {calc(line):g}")
    except KeyError as e:
        print(f"{line:<20}! unknown name {e}")
    except ZeroDivisionError:
        print(f"{line:<20}! division by zero")
    except SyntaxError as e:
        print(f"{line:<20}! {e}")
print(sorted(calc.names.items()))
