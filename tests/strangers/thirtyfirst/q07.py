class Account:
    """A bank account."""
    interest = 0.02
    _next = 1000

    def __init__(self, owner, balance=0.0):
        self.owner = owner
        self.__balance = balance
        self.number = Account._next
        Account._next += 1
        self.history = []

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self.__balance += amount
        self.history.append(("deposit", amount))

    def withdraw(self, amount):
        if amount > self.__balance:
            raise InsufficientFunds(self, amount)
        self.__balance -= amount
        self.history.append(("withdraw", amount))

    @property
    def balance(self):
        return self.__balance

    @balance.setter
    def balance(self, value):
        raise AttributeError("use deposit or withdraw")

    def add_interest(self):
        self.__balance *= 1 + self.interest


class Savings(Account):
    interest = 0.05

    def __init__(self, owner, balance=0.0, goal=100):
        super().__init__(owner, balance)
        self.goal = goal

    def withdraw(self, amount):
        print("Are you sure?")
        super().withdraw(amount)

    def progress(self):
        return f"{min(self.balance / self.goal, 1):.0%}"


class InsufficientFunds(Exception):
    def __init__(self, account, amount):
        super().__init__(f"{account.owner} has only {account.balance:.2f}")
        self.missing = amount - account.balance


accounts = [Account("Fern", 50), Savings("Moss", 30, goal=60)]
for a in accounts:
    try:
        a.deposit(20)
        a.withdraw(60)
    except InsufficientFunds as e:
        print(type(e).__name__, "-", e, "- missing", e.missing)
    else:
        print(a.owner, "ok")
    finally:
        a.add_interest()
        print(f"{a.number}: {a.balance:,.2f} {a.history}")
print(accounts[1].progress(), isinstance(accounts[1], Account), issubclass(Savings, Account))
try:
    accounts[0].balance = 1_000_000
except AttributeError as e:
    print(e)
try:
    accounts[0].deposit(-5)
except (TypeError, ValueError) as e:
    print("Error:", e)
print(Account.__doc__, hasattr(accounts[0], "goal"), accounts[0].__class__.__name__)
