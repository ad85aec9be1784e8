class Counter:
    made = 0
    LIMIT = 3

    def __init__(self, name="plain"):
        Counter.made += 1
        self.name = name
        self.hits = 0

    def hit(self, times=1):
        """Counts hits."""
        for _ in range(times):
            if self.hits >= self.LIMIT:
                return False
            self.hits += 1
        return True


a = Counter()
b = Counter(name="bean")
print(Counter.made, a.name, b.name)
print(a.hit(), a.hit(times=5), a.hits)
b.hits = 10
print(b.hit(), b.hits, b.LIMIT)
counters = {"a": a, "b": b}
for key, c in counters.items():
    print(key, c.name, c.hits)
best = max([a, b], key=lambda c: c.hits)
print(best.name)
total = sum(c.hits for c in [a, b])
print(total)
same = a
same.name = "changed"
print(a.name, same is a, a == b, a != b)


class Node:
    def __init__(self, value, next_node=None):
        self.value = value
        self.next = next_node


class LinkedList:
    def __init__(self):
        self.head = None
        self.size = 0

    def add(self, value):
        self.head = Node(value, self.head)
        self.size += 1

    def __str__(self):
        parts = []
        current = self.head
        while current is not None:
            parts.append(str(current.value))
            current = current.next
        return " -> ".join(parts)

    def __len__(self):
        return self.size


chain = LinkedList()
for word in "rose bean fern".split():
    chain.add(word)
print(chain)
print(len(chain), f"[{chain}]")
