class Account:
    """A simple savings account"""
    def __init__(self, owner, balance=0):
        self.owner = owner
        self.balance = balance

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self.balance += amount
        return self.balance

    def withdraw(self, amount):
        if amount > self.balance:
            print("Not enough money!")
            return False
        self.balance -= amount
        return True

    def __str__(self):
        return f"{self.owner}: {self.balance:.2f}"


acc = Account("Wren", 100)
acc.deposit(50)
acc.withdraw(500)
acc.withdraw(30)
print(acc)
try:
    acc.deposit(-5)
except ValueError as e:
    print("Error:", e)
