"""A small calculator: tokens, tree, values."""
import operator

OPS = {"+": operator.add, "-": operator.sub, "*": operator.mul, "/": operator.truediv, "^": operator.pow}


class Token:
    __slots__ = ("kind", "value")

    def __init__(self, kind, value):
        self.kind, self.value = kind, value

    def __repr__(self):
        return f"<{self.kind} {self.value}>"


def tokenize(source):
    i = 0
    while i < len(source):
        ch = source[i]
        if ch.isspace():
            i += 1
            continue
        if ch.isdigit() or ch == ".":
            j = i
            while j < len(source) and (source[j].isdigit() or source[j] == "."):
                j += 1
            yield Token("num", float(source[i:j]))
            i = j
        elif ch.isalpha():
            j = i
            while j < len(source) and source[j].isalnum():
                j += 1
            yield Token("name", source[i:j])
            i = j
        elif ch in "+-*/^()=":
            yield Token("op", ch)
            i += 1
        else:
            raise SyntaxError(f"unexpected {ch!r} at {i}")


class Parser:
    def __init__(self, tokens):
        self.tokens = list(tokens)
        self.pos = 0

    def peek(self):
        return self.tokens[self.pos].value if self.pos < len(self.tokens) else None

    def take(self, expected=None):
        token = self.tokens[self.pos] if self.pos < len(self.tokens) else None
        if token is None or (expected is not None and token.value != expected):
            raise SyntaxError(f"expected {expected or 'something'}, got {token.value if token else 'the end'}")
        self.pos += 1
        return token

    def expr(self):
        node = self.term()
        while self.peek() in ("+", "-"):
            node = (self.take().value, node, self.term())
        return node

    def term(self):
        node = self.factor()
        while self.peek() in ("*", "/"):
            node = (self.take().value, node, self.factor())
        return node

    def factor(self):
        if self.peek() == "-":
            self.take()
            return ("neg", self.factor())
        base = self.atom()
        if self.peek() == "^":
            self.take()
            return ("^", base, self.factor())
        return base

    def atom(self):
        if self.peek() == "(":
            self.take("(")
            node = self.expr()
            self.take(")")
            return node
        token = self.take()
        if token.kind in ("num", "name"):
            return token.value
        raise SyntaxError(f"unexpected {token.value}")


def evaluate(node, env):
    if isinstance(node, float):
        return node
    if isinstance(node, str):
        return env[node]
    op, *args = node
    values = [evaluate(a, env) for a in args]
    if op == "neg":
        return -values[0]
    return OPS[op](*values)


env = {"pi": 3.14159}
for line in ["1 + 2 * 3", "x = (1 + 2) * 3", "x ^ 2 ^ 0.5", "-x / 4", "2 * (3", "y + 1", "4 $ 4", "1 / 0", "pi*2"]:
    try:
        tokens = list(tokenize(line))
        name = None
        if len(tokens) > 1 and tokens[1].value == "=":
            name, tokens = tokens[0].value, tokens[2:]
        parser = Parser(tokens)
        tree = parser.expr()
        result = evaluate(tree, env)
        if name:
            env[name] = result
        print(f"{line:<18} = {result:g}   {tree}")
    except SyntaxError as e:
        print(f"{line:<18} syntax: {e}")
    except KeyError as e:
        print(f"{line:<18} unknown name {e}")
    except ZeroDivisionError:
        print(f"{line:<18} division by zero")
print(list(tokenize("a+1"))[:2], sorted(env))
