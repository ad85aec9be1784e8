class Account:
    """A pupil's account at the garden's tuck shop."""

    interest = 0.02
    _next = 1

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
            raise ValueError("The balance can't be negative")
        self.__balance = value

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError(f"Can't deposit {amount}")
        self.balance += amount
        self.history.append(("in", amount))
        return self

    def withdraw(self, amount):
        if amount > self.balance:
            raise InsufficientFunds(self, amount)
        self.balance -= amount
        self.history.append(("out", amount))
        return self

    def add_interest(self):
        self.deposit(self.balance * self.interest)

    def __repr__(self):
        return "Account(%r, %.2f)" % (self.owner, self.balance)


class InsufficientFunds(Exception):
    def __init__(self, account, amount):
        self.account = account
        self.missing = amount - account.balance
        super().__init__(f"{account.owner} is short of {self.missing:.2f}")


class Savings(Account):
    interest = 0.05

    def withdraw(self, amount):
        if len([h for h in self.history if h[0] == "out"]) >= 2:
            print("No more than two withdrawals.")
            return self
        return super().withdraw(amount)


def transfer(a, b, amount):
    try:
        a.withdraw(amount)
    except InsufficientFunds as e:
        print("Failed:", e, "-", e.missing)
    else:
        b.deposit(amount)
        print("Moved", amount)
    finally:
        print(a, b)


ada = Account("Ada", 100)
bo = Savings("Bo")
transfer(ada, bo, 30)
transfer(ada, bo, 300)
bo.deposit(20).withdraw(5).withdraw(5).withdraw(5)
for acc in (ada, bo):
    acc.add_interest()
print(ada, bo, ada.number, bo.number)
for bad in (-5, 0):
    try:
        ada.deposit(bad)
    except ValueError as e:
        print(type(e).__name__, e)
try:
    ada.balance = -1
except ValueError as e:
    print(e)
try:
    print(ada.__balance)
except AttributeError:
    print("private")
print(bo.history, isinstance(bo, Account), issubclass(Savings, Account))
