import random, time
class Account(object):
    """A pupil's bean-counter account."""
    interest = 0.02
    _next = 100

    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self.number = Account._next
        Account._next += 1
        self.history = []

    @property
    def balance(self):
        return self.__balance

    @balance.setter
    def balance(self, value):
        if value < 0:
            raise ValueError("balance can't be negative: " + str(value))
        self.history.append(value - self.__balance)
        self.__balance = value

    @classmethod
    def from_text(cls, text):
        owner, amount = text.split(":")
        return cls(owner.strip().title(), float(amount))

    @staticmethod
    def is_valid(text):
        return ":" in text and text.split(":")[1].strip().replace(".", "", 1).isdigit()

    def __repr__(self):
        return "Account(%r, %.2f)" % (self.owner, self.balance)

    def __eq__(self, other):
        return isinstance(other, Account) and self.number == other.number

    def __add__(self, other):
        return Account(self.owner + "&" + other.owner, self.balance + other.balance)


lines = ["ines: 20.5", "tom : 7", "bad", "ada:-3"]
accounts = [Account.from_text(l) for l in lines if Account.is_valid(l)]
print(accounts)
try:
    accounts[0].balance -= 5
    accounts[1].balance -= 50
except ValueError as problem:
    print("Error:", problem)
finally:
    print(accounts[0].history, accounts[1].history)
both = accounts[0] + accounts[1]
print(both, both.number, both == accounts[0], accounts[0] != accounts[1])
Account.interest = 0.05
print(accounts[0].interest, hasattr(both, "owner"), hasattr(both, "__balance"))
for a in accounts: a.balance *= 1 + a.interest
print(accounts)
