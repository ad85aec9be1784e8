class Account:
    interest = 0.02
    count = 0

    def __init__(self, owner, balance=0):
        self.owner = owner
        self._balance = balance
        self.history = []
        Account.count += 1

    @property
    def balance(self):
        return self._balance

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self._balance += amount
        self.history.append(("deposit", amount))
        return self

    def withdraw(self, amount):
        if amount > self._balance:
            raise RuntimeError(f"{self.owner} has only {self._balance}")
        self._balance -= amount
        self.history.append(("withdraw", amount))
        return self

    def __str__(self):
        return f"{self.owner}: {self._balance:.2f}"

    def __repr__(self):
        return f"Account({self.owner!r}, {self._balance})"

    @classmethod
    def from_text(cls, text):
        owner, balance = text.split(":")
        return cls(owner.strip(), int(balance))

    @staticmethod
    def is_valid(amount):
        return isinstance(amount, (int, float)) and amount > 0


class Savings(Account):
    interest = 0.05

    def add_interest(self):
        self.deposit(self._balance * self.interest)

    def __str__(self):
        return "Savings of " + super().__str__()


a = Account("Ivy")
a.deposit(50).deposit(25).withdraw(10)
print(a, a.balance)
b = Savings.from_text("Moss: 200")
b.add_interest()
print(b)
print([a, b])
print(Account.count, Savings.interest, Account.is_valid(-1), Account.is_valid(2.5))
for action in (lambda: a.withdraw(1000), lambda: b.deposit(-5)):
    try:
        action()
    except ValueError as e:
        print("value:", e)
    except RuntimeError as e:
        print("runtime:", e)
    finally:
        print("next")
try:
    a.balance = 5
except AttributeError:
    print("balance can't be set")
for kind, amount in a.history:
    print(f"{kind:>10} {amount:6.1f}")
print(isinstance(b, Account), issubclass(Savings, Account), type(b).__name__)
