class Account:
    count = 0
    def __init__(self, owner, balance=0):
        self.owner = owner
        self.balance = balance
        Account.count += 1
    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self.balance += amount
    def withdraw(self, amount):
        if amount > self.balance:
            print("Not enough")
            return False
        self.balance -= amount
        return True
    def __str__(self):
        return f"{self.owner}: {self.balance:.2f}"
class Savings(Account):
    def __init__(self, owner, balance, rate):
        super().__init__(owner, balance)
        self.rate = rate
    def add_interest(self):
        self.deposit(self.balance * self.rate)
class Node:
    def __init__(self, value, next=None):
        self.value = value
        self.next = next
class LinkedList:
    def __init__(self):
        self.head = None
        self.size = 0
    def add(self, value):
        node = Node(value)
        if self.head is None:
            self.head = node
        else:
            cur = self.head
            while cur.next:
                cur = cur.next
            cur.next = node
        self.size += 1
    def __len__(self):
        return self.size
    def __iter__(self):
        cur = self.head
        while cur:
            yield cur.value
            cur = cur.next
a = Account("Kai", 100)
b = Savings("Mo", 50, 0.1)
a.deposit(50.5)
try:
    b.deposit(-3)
except ValueError as e:
    print("Error:", e)
b.add_interest()
print(a, b, Account.count, a.withdraw(1000))
for acc in [a, b]:
    print(type(acc).__name__, isinstance(acc, Account), acc)
l = LinkedList()
for x in [3, 1, 2]: l.add(x)
print(len(l), list(l), sum(l), max(l), 2 in list(l), [v * 2 for v in l])
stack = []
for token in "3 4 + 2 *".split():
    if token.isdigit():
        stack.append(int(token))
    else:
        y = stack.pop(); x = stack.pop()
        if token == "+": stack.append(x + y)
        elif token == "*": stack.append(x * y)
print(stack)
queue = [1]; seen = {1}
graph = {1: [2, 3], 2: [4], 3: [4], 4: []}
order = []
while queue:
    node = queue.pop(0)
    order.append(node)
    for n in graph[node]:
        if n not in seen:
            seen.add(n); queue.append(n)
print(order, seen)
def bubble(lst):
    n = len(lst)
    for i in range(n):
        swapped = False
        for j in range(0, n - i - 1):
            if lst[j] > lst[j + 1]:
                lst[j], lst[j + 1] = lst[j + 1], lst[j]
                swapped = True
        if not swapped:
            break
    return lst
print(bubble([5, 3, 8, 1]))
def counter(start=0, *, step=1):
    n = start
    def inc():
        nonlocal n
        n += step
        return n
    return inc
c = counter(step=2); c(); print(c())
inventory = {"pea": {"price": 1.5, "qty": 10}, "kale": {"price": 2, "qty": 0}}
for name, info in inventory.items():
    print(f"{name:<10}{info['price']:>6.2f}{info['qty']:>4}")
total = sum(i["price"] * i["qty"] for i in inventory.values())
print(total, [n for n, i in inventory.items() if i["qty"]], sorted(inventory, key=lambda n: inventory[n]["price"], reverse=True))
text = """Line one
line two"""
for no, line in enumerate(text.splitlines(), 1):
    print(no, line.title(), len(line.split()))
try:
    print(10 / 0)
except ZeroDivisionError:
    print("div")
finally:
    print("done")
try:
    int("x")
except (ValueError, TypeError) as err:
    print(err)
try:
    [1][5]
except IndexError as err:
    print(err)
try:
    {}["k"]
except KeyError as err:
    print(err)
x = 5
def show():
    global x
    x += 1
    print(x)
show()
matrix = [[1, 2, 3], [4, 5, 6]]
print([[row[i] for row in matrix] for i in range(3)], list(zip(*matrix)), [sum(r) for r in matrix])
a, b = 10, 3
print(divmod(a, b), a ** b, a > b and "yes" or "no", not a == b, a != b, 1 < b < 5)
s = "Hello, World"
print(s[::-1], s[:5], s[-5:], s.lower().count("l"), s.index("W"), s.swapcase(), s.startswith("He"), s.isalpha(), "-".join(s.split(", ")), s.center(20, "*"))
print(*[1, 2, 3], sep="-", end="!\n")
print(list(map(lambda v: v ** 2, filter(lambda v: v % 2, range(6)))), any([0, 1]), all([]), list(reversed([1, 2])), list(range(10, 0, -3)))
