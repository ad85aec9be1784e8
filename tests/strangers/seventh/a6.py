import random
random.seed(3)
class Account:
    interest = 0.02
    def __init__(self, owner, balance=0):
        self.owner = owner
        self._balance = balance
        self.history = []
    @property
    def balance(self):
        return self._balance
    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self._balance += amount
        self.history.append(("deposit", amount))
    def withdraw(self, amount):
        if amount > self._balance:
            print(f"{self.owner}: insufficient funds")
            return False
        self._balance -= amount
        self.history.append(("withdraw", amount))
        return True
    def __repr__(self):
        return f"Account({self.owner!r}, {self._balance})"
class Savings(Account):
    def add_interest(self):
        self.deposit(self.balance * self.interest)
a = Account("Ash", 100)
b = Savings("Birch")
b.deposit(250)
a.withdraw(30)
a.withdraw(500)
b.add_interest()
print(a, b)
print(a.history, len(b.history))
try:
    b.deposit(-5)
except ValueError as e:
    print("oops:", e)
for acc in (a, b):
    print("{:<8}|{:>10.2f}".format(acc.owner, acc.balance))
print(isinstance(b, Account), hasattr(a, "add_interest"))
