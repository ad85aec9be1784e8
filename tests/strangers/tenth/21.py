import time
class Stack:
    def __init__(self): self._items = []
    def push(self, x): self._items.append(x)
    def pop(self): return self._items.pop()
    def peek(self): return self._items[-1] if self._items else None
    def __len__(self): return len(self._items)
    def __bool__(self): return bool(self._items)

PRECEDENCE = {"+": 1, "-": 1, "*": 2, "/": 2, "^": 3}

def tokenize(expr):
    tokens, number = [], ""
    for ch in expr + " ":
        if ch.isdigit() or ch == ".":
            number += ch
            continue
        if number:
            tokens.append(float(number) if "." in number else int(number))
            number = ""
        if ch in "+-*/^()":
            tokens.append(ch)
        elif not ch.isspace():
            raise SyntaxError(f"unexpected {ch!r}")
    return tokens

def to_rpn(tokens):
    out, ops = [], Stack()
    for t in tokens:
        if isinstance(t, (int, float)):
            out.append(t)
        elif t == "(":
            ops.push(t)
        elif t == ")":
            while ops and ops.peek() != "(":
                out.append(ops.pop())
            if not ops:
                raise SyntaxError("unbalanced")
            ops.pop()
        else:
            while ops and ops.peek() != "(" and (PRECEDENCE[ops.peek()] > PRECEDENCE[t] or PRECEDENCE[ops.peek()] == PRECEDENCE[t] and t != "^"):
                out.append(ops.pop())
            ops.push(t)
    while ops:
        out.append(ops.pop())
    return out

OPS = {"+": lambda a, b: a + b, "-": lambda a, b: a - b, "*": lambda a, b: a * b, "/": lambda a, b: a / b, "^": lambda a, b: a ** b}

def evaluate(rpn):
    s = Stack()
    for t in rpn:
        if t in OPS:
            b, a = s.pop(), s.pop()
            s.push(OPS[t](a, b))
        else:
            s.push(t)
    return s.pop()

for e in ["1 + 2 * 3", "(1 + 2) * 3", "2 ^ 3 ^ 2", "10 / 4 - 1", "3.5 * (2 - 0.5)", "7 / 0", "2 $ 3", "(1"]:
    try:
        rpn = to_rpn(tokenize(e))
        print(e, "=", evaluate(rpn), " ", *rpn)
    except ZeroDivisionError as err:
        print(e, "->", err)
    except (SyntaxError, KeyError) as err:
        print(e, "-> error:", err)
