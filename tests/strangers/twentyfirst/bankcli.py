import sys


class Account:
    interest = 0.02

    def __init__(self, owner, balance=0.0):
        self.owner = owner
        self._balance = float(balance)
        self.history = []

    @property
    def balance(self):
        return round(self._balance, 2)

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self._balance += amount
        self.history.append(("deposit", amount))

    def withdraw(self, amount):
        if amount > self._balance:
            raise ValueError("insufficient funds")
        self._balance -= amount
        self.history.append(("withdraw", amount))

    def add_interest(self):
        self.deposit(self._balance * self.interest)

    def __str__(self):
        return f"{type(self).__name__}({self.owner}: {self.balance:.2f})"


class Savings(Account):
    interest = 0.05

    def withdraw(self, amount):
        if len([h for h in self.history if h[0] == "withdraw"]) >= 1:
            raise ValueError("only one withdrawal")
        super().withdraw(amount)


def process(account, commands):
    done = 0
    for raw in commands:
        parts = raw.split()
        if not parts:
            continue
        name, args = parts[0], parts[1:]
        try:
            method = getattr(account, name)
            method(*map(float, args))
        except AttributeError:
            print(f"  unknown command {name!r}")
        except ValueError as problem:
            print(f"  {raw}: {problem}")
        except TypeError:
            print(f"  wrong arguments for {name}")
        else:
            done += 1
    return done


accounts = [Account("Ann", 100), Savings("Bob", 200)]
script = ["deposit 50", "withdraw 500", "withdraw 20", "withdraw 1", "dance", "", "deposit abc", "deposit", "add_interest"]
for a in accounts:
    print(a)
    print(" ", process(a, script), "done ->", a)
    print(" ", a.history[-1][0], f"{a.history[-1][1]:.3f}")
print(max(accounts, key=lambda x: x.balance).owner, sum(a.balance for a in accounts))
sys.stdout.write("bye\n")
