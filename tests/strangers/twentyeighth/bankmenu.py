class InsufficientFunds(Exception):
    pass


class Account:
    next_number = 1000

    def __init__(self, owner, balance=0.0):
        self.owner = owner
        self.balance = balance
        self.number = Account.next_number
        Account.next_number += 1
        self.history = []

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self.balance += amount
        self.history.append(("deposit", amount))

    def withdraw(self, amount):
        if amount > self.balance:
            raise InsufficientFunds(f"Balance {self.balance:.2f} is less than {amount:.2f}")
        self.balance -= amount
        self.history.append(("withdraw", amount))

    def __str__(self):
        return f"#{self.number} {self.owner}: {self.balance:,.2f}"


class Savings(Account):
    def __init__(self, owner, balance=0.0, rate=0.02):
        super().__init__(owner, balance)
        self.rate = rate

    def add_interest(self):
        interest = round(self.balance * self.rate, 2)
        self.deposit(interest)
        return interest

    def withdraw(self, amount):
        if len([h for h in self.history if h[0] == "withdraw"]) >= 2:
            raise InsufficientFunds("only two withdrawals")
        super().withdraw(amount)


class Bank:
    def __init__(self):
        self.accounts = {}

    def open(self, kind, *args, **kwargs):
        account = kind(*args, **kwargs)
        self.accounts[account.number] = account
        return account

    def transfer(self, a, b, amount):
        src, dst = self.accounts[a], self.accounts[b]
        src.withdraw(amount)
        dst.deposit(amount)

    def __iter__(self):
        return iter(self.accounts.values())

    def total(self):
        return sum(a.balance for a in self)


bank = Bank()
a = bank.open(Account, "Ivy", 120)
b = bank.open(Savings, "Ash", 1500, rate=0.035)
for action in [lambda: a.deposit(30), lambda: a.withdraw(500), lambda: bank.transfer(b.number, a.number, 250.5), lambda: b.add_interest(), lambda: a.deposit(-1), lambda: bank.transfer(1, 2, 3)]:
    try:
        result = action()
        print("ok", result if result is not None else "")
    except InsufficientFunds as e:
        print("refused:", e)
    except (ValueError, KeyError) as e:
        print(type(e).__name__, e)
for account in bank:
    print(account)
    for i, (what, amount) in enumerate(account.history, start=1):
        print(f"  {i}) {what:<10}{amount:>10.2f}")
print(f"{bank.total():.2f}", isinstance(b, Account), issubclass(Savings, Account), type(a) is Account)
b.withdraw(1)
try:
    b.withdraw(1)
except InsufficientFunds as err:
    print(err)
