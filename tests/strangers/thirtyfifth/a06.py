class BankError(Exception):
    """Base of all."""

class NotEnough(BankError):
    def __init__(self, need, have):
        super().__init__(f"need {need}, have {have}")
        self.need, self.have = need, have

    @property
    def missing(self):
        return self.need - self.have

class Account:
    _next = 1

    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self.number = Account._next
        Account._next += 1
        self.log = []

    @property
    def balance(self):
        return self.__balance

    @balance.setter
    def balance(self, value):
        if value < 0:
            raise ValueError("negative")
        self.log.append(("set", self.__balance, value))
        self.__balance = value

    def withdraw(self, amount):
        if amount > self.__balance:
            raise NotEnough(amount, self.__balance)
        self.balance -= amount
        return amount

    def __repr__(self):
        return f"{type(self).__name__}({self.owner!r}, {self.balance})"

class Savings(Account):
    def __init__(self, owner, balance=0, rate=0.05):
        super().__init__(owner, balance)
        self.rate = rate

    def grow(self):
        self.balance = round(self.balance * (1 + self.rate), 2)

a, b = Account("Ada", 50), Savings("Bo", 100)
for account in (a, b):
    try:
        account.withdraw(70)
    except NotEnough as e:
        print(f"{account.owner}: {e} ({e.missing} missing)", isinstance(e, BankError), e.args)
    else:
        print(account.owner, "took 70")
    finally:
        print(account)
b.grow()
print(b, b.log, vars(b).get("rate"))
try:
    a.balance = -5
except ValueError as e:
    print(type(e).__name__, e)
print(hasattr(a, "__balance"), a.number, b.number, Account._next)
