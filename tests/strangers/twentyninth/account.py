class Account:
    interest = 0.02
    _next_id = 100

    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self.history = []
        self.id = Account._next_id
        Account._next_id += 1

    @property
    def balance(self):
        return self.__balance

    @balance.setter
    def balance(self, value):
        if value < 0:
            raise ValueError("Balance cannot be negative")
        self.__balance = value

    def deposit(self, amount):
        self.balance += amount
        self.history.append(("in", amount))
        return self

    def withdraw(self, amount):
        self.balance -= amount
        self.history.append(("out", amount))
        return self

    @classmethod
    def from_string(cls, text):
        owner, balance = text.split(":")
        return cls(owner.strip(), float(balance))

    @staticmethod
    def valid(amount):
        return isinstance(amount, (int, float)) and amount > 0

    def __repr__(self):
        return f"{self.__class__.__name__}({self.owner!r}, {self.balance})"

    def __eq__(self, other):
        return isinstance(other, Account) and self.balance == other.balance

    def __add__(self, other):
        return Account(f"{self.owner}&{other.owner}", self.balance + other.balance)


class Savings(Account):
    def __init__(self, owner, balance=0, rate=None):
        super().__init__(owner, balance)
        self.rate = rate if rate is not None else self.interest

    def grow(self, years=1):
        for _ in range(years):
            self.deposit(round(self.balance * self.rate, 2))
        return self.balance

    def __str__(self):
        return f"Savings of {self.owner}: {self.balance:.2f}"


a = Account("Mia", 50)
b = Savings("Tom", 100)
a.deposit(25).withdraw(10)
print(a, b, str(b), a == Account("X", 65), a != b)
try:
    a.withdraw(1000)
except ValueError as e:
    print("Error:", e)
else:
    print("no error")
finally:
    print(a.history)
print(b.grow(2), Savings.from_string("Zoe: 12.5"), Account.valid(-3), a + b)
print(issubclass(Savings, Account), isinstance(b, Account), hasattr(a, "rate"), getattr(b, "rate", 0), Savings.__name__)
accounts = sorted([a, b, Account("Al", 5)], key=lambda x: x.balance)
print([acc.owner for acc in accounts], [acc.id for acc in accounts])
setattr(a, "nick", "M")
print(a.nick, vars(a)["owner"], "nick" in a.__dict__)
try:
    print(a.__balance)
except AttributeError as e:
    print(e)
