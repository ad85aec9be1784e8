class Stack:
    def __init__(self):
        self.__items = []

    def push(self, item):
        self.__items.append(item)
        return self

    def pop(self):
        if self.is_empty():
            raise IndexError("pop from empty stack")
        return self.__items.pop()

    def peek(self):
        return self.__items[-1] if self.__items else None

    def is_empty(self):
        return len(self.__items) == 0

    def __len__(self):
        return len(self.__items)

    def __str__(self):
        return f"Stack({self.__items})"


class Queue:
    def __init__(self, *items):
        self._in, self._out = Stack(), Stack()
        for item in items:
            self.enqueue(item)

    def enqueue(self, item):
        self._in.push(item)

    def dequeue(self):
        if self._out.is_empty():
            while not self._in.is_empty():
                self._out.push(self._in.pop())
        return self._out.pop()


s = Stack()
s.push(1).push(2).push(3)
print(s, len(s), s.peek())
print(s.pop(), s.pop(), s.pop())
try:
    s.pop()
except IndexError as e:
    print("Error:", e)
q = Queue("a", "b")
q.enqueue("c")
print(q.dequeue(), q.dequeue())
q.enqueue("d")
print(q.dequeue(), q.dequeue())
print(s.peek(), bool(s), isinstance(q, Queue))

def balanced(text):
    pairs = {")": "(", "]": "[", "}": "{"}
    st = Stack()
    for ch in text:
        if ch in pairs.values():
            st.push(ch)
        elif ch in pairs:
            if st.is_empty() or st.pop() != pairs[ch]:
                return False
    return st.is_empty()

for t in ["(a[b]{c})", "(]", "((", ""]:
    print(repr(t), balanced(t))
