class Node:
    __slots__ = ("value", "next")
    def __init__(self, value, next=None):
        self.value = value
        self.next = next

class Stack:
    def __init__(self, *items):
        self._top = None
        self._size = 0
        for item in items:
            self.push(item)

    def push(self, item):
        self._top = Node(item, self._top)
        self._size += 1
        return self

    def pop(self):
        if self._top is None:
            raise IndexError("pop from empty stack")
        item, self._top = self._top.value, self._top.next
        self._size -= 1
        return item

    def __len__(self):
        return self._size

    def __iter__(self):
        node = self._top
        while node:
            yield node.value
            node = node.next

    def __contains__(self, item):
        return any(v == item for v in self)

    def __bool__(self):
        return self._size > 0

    def __repr__(self):
        return f"{type(self).__name__}({', '.join(map(repr, reversed(list(self))))})"


def evaluate(text):
    stack = Stack()
    ops = {"+": lambda a, b: a + b, "-": lambda a, b: a - b, "*": lambda a, b: a * b, "/": lambda a, b: a / b}
    for token in text.split():
        if token in ops:
            b, a = stack.pop(), stack.pop()
            stack.push(ops[token](a, b))
        else:
            stack.push(int(token) if token.lstrip("-").isdigit() else float(token))
    result = stack.pop()
    assert not stack, f"left over: {stack!r}"
    return result

for expr in ("3 4 + 2 *", "10 4 /", "1 2 3", "+", "2.5 -4 *", "7 0 /"):
    try:
        print(f"{expr:<12} = {evaluate(expr)}")
    except (IndexError, AssertionError) as e:
        print(f"{expr:<12} ! {type(e).__name__}: {e}")
    except ZeroDivisionError:
        print(f"{expr:<12} ! no division by zero")
    finally:
        pass
s = Stack(1, "two", 3.0)
print(s, len(s), "two" in s, 5 in s, [*s])
first, *rest = s
print(first, rest)
