import time, sys
class Stack:
    def __init__(self):
        self.items = []
    def push(self, x): self.items.append(x)
    def pop(self): return self.items.pop()
    def is_empty(self): return not self.items
    def __len__(self): return len(self.items)
def balanced(s):
    st = Stack()
    pairs = {")": "(", "]": "[", "}": "{"}
    for c in s:
        if c in pairs.values():
            st.push(c)
        elif c in pairs:
            if st.is_empty() or st.pop() != pairs[c]:
                return False
    return st.is_empty()
for t in ["(a[b]{c})", "([)]", "((", ""]:
    print(repr(t), balanced(t))
def rpn(expr):
    st = Stack()
    for tok in expr.split():
        if tok in "+-*/":
            b, a = st.pop(), st.pop()
            st.push({"+": a + b, "-": a - b, "*": a * b, "/": a / b if b else float("inf")}[tok])
        else:
            st.push(float(tok))
    assert len(st) == 1, "bad expression"
    return st.pop()
print(rpn("3 4 + 2 *"), rpn("5 1 2 + 4 * + 3 -"))
