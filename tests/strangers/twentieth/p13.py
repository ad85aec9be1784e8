class Stack:
    def __init__(self):
        self.__items = []

    def push(self, x):
        self.__items.append(x)

    def pop(self):
        if self.is_empty():
            raise IndexError("pop from empty stack")
        return self.__items.pop()

    def peek(self):
        return self.__items[-1]

    def is_empty(self):
        return len(self.__items) == 0


def evaluate(expr):
    s = Stack()
    for tok in expr.split():
        if tok.lstrip("-").isdigit():
            s.push(int(tok))
        else:
            b, a = s.pop(), s.pop()
            if tok == "+":
                s.push(a + b)
            elif tok == "-":
                s.push(a - b)
            elif tok == "*":
                s.push(a * b)
            elif tok == "/":
                s.push(a / b)
            else:
                raise SyntaxError("bad token " + tok)
    return s.pop()


def to_postfix(expr):
    prec = {"+": 1, "-": 1, "*": 2, "/": 2}
    out, ops = [], []
    for t in expr.split():
        if t == "(":
            ops.append(t)
        elif t == ")":
            while ops[-1] != "(":
                out.append(ops.pop())
            ops.pop()
        elif t in prec:
            while ops and ops[-1] != "(" and prec[ops[-1]] >= prec[t]:
                out.append(ops.pop())
            ops.append(t)
        else:
            out.append(t)
    while ops:
        out.append(ops.pop())
    return " ".join(out)


def balanced(s):
    pairs = {")": "(", "]": "[", "}": "{"}
    st = []
    for c in s:
        if c in pairs.values():
            st.append(c)
        elif c in pairs:
            if not st or st.pop() != pairs[c]:
                return False
    return not st


for e in ["3 + 4 * 2", "( 3 + 4 ) * 2", "10 / 4 - 1", "2 * ( 3 + ( 4 - 1 ) )"]:
    p = to_postfix(e)
    print(f"{e:25} {p:20} {evaluate(p)}")
try:
    evaluate("1 +")
except IndexError as e:
    print("Error:", e)
try:
    evaluate("1 2 ?")
except SyntaxError as e:
    print("Error:", e)
try:
    print(evaluate("4 0 /"))
except ZeroDivisionError as e:
    print("Error:", e)
for b in ["([]{})", "([)]", "((", ""]:
    print(repr(b), balanced(b))
