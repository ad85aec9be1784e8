class BankAccount:
    interest_rate = 0.02
    accounts = []

    def __init__(self, owner, balance=0.0):
        self.owner = owner
        self._balance = balance
        self.history = []
        BankAccount.accounts.append(self)

    @property
    def balance(self):
        return self._balance

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self._balance += amount
        self.history.append(("deposit", amount))
        return self

    def withdraw(self, amount):
        if amount > self._balance:
            raise InsufficientFunds(self, amount)
        self._balance -= amount
        self.history.append(("withdraw", amount))
        return self

    @classmethod
    def from_string(cls, text):
        owner, balance = text.split(":")
        return cls(owner, float(balance))

    @staticmethod
    def validate(name):
        return name.isalpha() and len(name) > 1

    def __repr__(self):
        return f"BankAccount({self.owner!r}, {self._balance:.2f})"

    def __lt__(self, other):
        return self._balance < other._balance


class InsufficientFunds(Exception):
    def __init__(self, account, amount):
        super().__init__(f"{account.owner} is short of {amount - account.balance:.2f}")
        self.amount = amount


a = BankAccount("Fay", 100)
b = BankAccount.from_string("Moss:250.5")
a.deposit(50).withdraw(30)
print(a, b, a < b)
try:
    a.withdraw(500)
except InsufficientFunds as e:
    print("Error:", e, e.amount)
try:
    b.deposit(-5)
except ValueError as e:
    print(type(e).__name__, e)
print(a.history)
print(BankAccount.validate("Al"), BankAccount.validate("X2"))
print(sorted(BankAccount.accounts), max(BankAccount.accounts).owner)
for acc in BankAccount.accounts:
    print(f"{acc.owner:<6}{acc.balance:>10.2f}{acc.balance * acc.interest_rate:>8.3f}")
BankAccount.interest_rate = 0.03
print(a.interest_rate, b.interest_rate)
