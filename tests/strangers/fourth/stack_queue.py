class Stack:
    def __init__(self, size):
        self.items = [None] * size
        self.size = size
        self.top = -1
    def isEmpty(self):
        return self.top == -1
    def isFull(self):
        return self.top == self.size - 1
    def push(self, item):
        if self.isFull():
            print("Stack overflow")
        else:
            self.top += 1
            self.items[self.top] = item
    def pop(self):
        if self.isEmpty():
            print("Stack underflow")
            return None
        item = self.items[self.top]
        self.top -= 1
        return item
    def peek(self):
        return self.items[self.top] if not self.isEmpty() else None
    def __len__(self):
        return self.top + 1
    def __contains__(self, item):
        return item in self.items[:self.top + 1]
    def __iter__(self):
        for i in range(self.top, -1, -1):
            yield self.items[i]

class CircularQueue:
    def __init__(self, n):
        self.q = [None for i in range(n)]
        self.front = self.rear = self.n = 0
    def enqueue(self, x):
        if self.n == len(self.q):
            return False
        self.q[self.rear] = x
        self.rear = (self.rear + 1) % len(self.q)
        self.n += 1
        return True
    def dequeue(self):
        if not self.n:
            return None
        x, self.q[self.front] = self.q[self.front], None
        self.front = (self.front + 1) % len(self.q)
        self.n -= 1
        return x

s = Stack(3)
for c in "abcd": s.push(c)
print(len(s), s.peek(), "b" in s, list(s))
while not s.isEmpty(): print(s.pop(), end=" ")
print()
s.pop()
q = CircularQueue(3)
print([q.enqueue(i) for i in range(5)], q.dequeue(), q.enqueue(9), q.q)

def balanced(text):
    pairs = {')': '(', ']': '[', '}': '{'}
    stack = []
    for ch in text:
        if ch in pairs.values(): stack.append(ch)
        elif ch in pairs:
            if not stack or stack.pop() != pairs[ch]: return False
    return not stack
print(balanced("([]{})"), balanced("(]"), balanced("(("))
def rpn(expr):
    st = []
    ops = {'+': lambda a, b: a + b, '-': lambda a, b: a - b, '*': lambda a, b: a * b, '/': lambda a, b: a / b}
    for tok in expr.split():
        if tok in ops:
            b = st.pop(); a = st.pop()
            st.append(ops[tok](a, b))
        else:
            st.append(float(tok))
    return st[0]
print(rpn("3 4 + 2 *"), rpn("5 1 2 + 4 * + 3 -"))
