import re
import math
from typing import NamedTuple

TOKEN = re.compile(r"\s*(?:(\d+\.?\d*)|(.))")

class Token(NamedTuple):
    kind: str
    value: object

class ParseError(Exception):
    def __init__(self, message, pos):
        super().__init__(message)
        self.pos = pos

def tokenize(text):
    pos = 0
    text = text.rstrip()
    while pos < len(text):
        m = re.match(r"\s*(\d+(?:\.\d+)?|[-+*/()^]|[a-z]+)", text[pos:])
        if not m:
            raise ParseError(f"unexpected {text[pos]!r}", pos)
        tok = m.group(1)
        pos += m.end()
        if tok[0].isdigit():
            yield Token("num", float(tok) if "." in tok else int(tok))
        elif tok.isalpha():
            yield Token("name", tok)
        else:
            yield Token("op", tok)
    yield Token("end", None)

class Parser:
    FUNCS = {"sqrt": math.sqrt, "abs": abs, "sq": lambda x: x * x}
    PREC = {"+": (1, lambda a, b: a + b), "-": (1, lambda a, b: a - b), "*": (2, lambda a, b: a * b), "/": (2, lambda a, b: a / b), "^": (3, pow)}

    def __init__(self, text):
        self.toks = list(tokenize(text))
        self.i = 0

    @property
    def cur(self):
        return self.toks[self.i]

    def advance(self):
        self.i += 1
        return self.toks[self.i - 1]

    def expr(self, level=0):
        left = self.atom()
        while self.cur.kind == "op" and self.cur.value in self.PREC and self.PREC[self.cur.value][0] > level:
            op = self.advance().value
            prec, fn = self.PREC[op]
            left = fn(left, self.expr(prec - (op == "^")))
        return left

    def atom(self):
        tok = self.advance()
        if tok.kind == "num":
            return tok.value
        if tok == Token("op", "("):
            val = self.expr()
            if self.advance().value != ")":
                raise ParseError("expected )", self.i)
            return val
        if tok.kind == "op" and tok.value == "-":
            return -self.atom()
        if tok.kind == "name":
            fn = self.FUNCS.get(tok.value)
            if fn is None:
                raise ParseError(f"unknown function {tok.value}", self.i)
            return fn(self.atom())
        raise ParseError(f"unexpected {tok.kind}", self.i)

for src in ["1 + 2 * 3", "(1 + 2) * 3", "2 ^ 3 ^ 2", "-4 + 10 / 4", "sqrt(16) + sq 3", "2 $ 3", "(1", "foo 3", "7 / 0"]:
    try:
        print(f"{src:<16} = {Parser(src).expr()}")
    except ParseError as e:
        print(f"{src:<16} ! {e} at {e.pos}")
    except ZeroDivisionError as e:
        print(f"{src:<16} ! {e}")
