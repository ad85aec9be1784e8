class Stack:
    def __init__(self):
        self.items = []
    def push(self, x):
        self.items.append(x)
    def pop(self):
        if not self.items:
            raise IndexError("pop from empty stack")
        return self.items.pop()
    def is_empty(self):
        return len(self.items) == 0
    def __len__(self):
        return len(self.items)

def balanced(s):
    st = Stack()
    pairs = {")": "(", "]": "[", "}": "{"}
    for ch in s:
        if ch in "([{":
            st.push(ch)
        elif ch in pairs:
            if st.is_empty() or st.pop() != pairs[ch]:
                return False
    return st.is_empty()

for t in ["(a[b]{c})", "(]", "((", ""]:
    print(repr(t), balanced(t))
