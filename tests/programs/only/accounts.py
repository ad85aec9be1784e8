class Rectangle:
    """A bed with four sides."""

    def __init__(self, width, height):
        self.width = width
        self.height = height

    @property
    def area(self):
        return self.width * self.height

    @staticmethod
    def square(side):
        return Rectangle(side, side)

    def __eq__(self, other):
        return self.width == other.width and self.height == other.height

    def __repr__(self):
        return f"Rectangle({self.width}, {self.height})"

    def __add__(self, other):
        return Rectangle(self.width + other.width, self.height)


a = Rectangle(2, 3)
b = Rectangle.square(4)
print(a.area, b.area, a == b, a == Rectangle(2, 3), a != b)
print(a + b, [a, b])
shapes = sorted([b, a], key=lambda r: r.area)
print(shapes[0].area)
print(isinstance(a, Rectangle), isinstance(3, int), isinstance("x", str))


class Account:
    def __init__(self, owner, balance=0):
        self.owner = owner
        self._balance = balance
        self.history = []

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self._balance += amount
        self.history.append(("in", amount))

    def withdraw(self, amount):
        if amount > self._balance:
            print("Not enough money")
            return False
        self._balance -= amount
        self.history.append(("out", amount))
        return True

    def get_balance(self):
        return self._balance


class Savings(Account):
    def __init__(self, owner, rate):
        super().__init__(owner)
        self.rate = rate

    def add_interest(self):
        self._balance *= 1 + self.rate
        self.history.append(("interest", self.rate))


acc = Savings("Juniper", 0.5)
acc.deposit(100)
acc.add_interest()
try:
    acc.deposit(-5)
except ValueError as e:
    print("Error:", e)
print(acc.withdraw(500), acc.withdraw(30), acc.get_balance())
for kind, amount in acc.history:
    print(kind, amount)
