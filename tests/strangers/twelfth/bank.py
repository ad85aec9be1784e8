class Account:
    """One bed's water account."""
    interest = 0.02
    count = 0

    def __init__(self, owner, balance=0):
        self.owner = owner
        self._balance = balance
        self.log = []
        Account.count += 1

    @property
    def balance(self):
        return self._balance

    @balance.setter
    def balance(self, value):
        if value < 0:
            raise ValueError("balance cannot be negative")
        self._balance = value

    @classmethod
    def empty(cls, owner):
        return cls(owner)

    @staticmethod
    def valid(amount):
        return isinstance(amount, (int, float)) and amount > 0

    def deposit(self, amount):
        if not Account.valid(amount):
            raise ValueError(f"bad amount: {amount!r}")
        self.balance += amount
        self.log.append(("in", amount))
        return self

    def withdraw(self, amount):
        self.balance -= amount
        self.log.append(("out", amount))
        return self

    def __str__(self):
        return f"{self.owner}: {self.balance:.2f}"

    def __repr__(self):
        return f"Account({self.owner!r}, {self._balance})"

    def __eq__(self, other):
        return isinstance(other, Account) and self.owner == other.owner

    def __lt__(self, other):
        return self.balance < other.balance


class Savings(Account):
    interest = 0.05

    def add_interest(self):
        self.deposit(self.balance * self.interest)

    def __str__(self):
        return "Savings " + super().__str__()


a = Account("Juniper", 10).deposit(5)
b = Savings("Rowan", 100)
b.add_interest()
print(a)
print(b)
print([a, b], Account.count, sorted([b, a])[0])
try:
    a.withdraw(50)
except ValueError as e:
    print("Error:", e)
try:
    a.deposit(-1)
except ValueError as e:
    print(type(e).__name__, e)
finally:
    print("checked")
print(a == Account("Juniper"), a != b, Account.empty("Fern").balance, hasattr(a, "log"), getattr(a, "owner"))
for kind, amount in a.log + b.log:
    print(f"{kind:>4} {amount:8.2f}")
