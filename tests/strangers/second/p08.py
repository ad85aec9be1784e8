class Queue:
    def __init__(self, *items, limit=None):
        self.items = list(items)
        self.limit = limit
    def push(self, item):
        if self.limit is not None and len(self.items) >= self.limit:
            raise OverflowError("queue is full")
        self.items.append(item)
    def pop(self):
        if not self.items:
            raise IndexError("pop from empty queue")
        return self.items.pop(0)
    def __len__(self):
        return len(self.items)
    def __bool__(self):
        return True
    def __repr__(self):
        return "Queue(" + ", ".join(map(repr, self.items)) + ")"
q = Queue("a", "b", limit=3)
q.push("c")
for action in (lambda: q.push("d"), q.pop, q.pop, q.pop, q.pop):
    try:
        print("->", action())
    except (OverflowError, IndexError) as e:
        print(e.__class__.__name__, "-", e)
print(q, len(q), bool(q), repr(Queue(1, 'x', None)))
