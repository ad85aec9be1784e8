class Account:
    interest = 0.02
    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self.history = []
    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self.__balance += amount
        self.history.append(("in", amount))
        return self
    def withdraw(self, amount):
        if amount > self.__balance:
            print("Insufficient funds!")
            return False
        self.__balance -= amount
        self.history.append(("out", amount))
        return True
    def get_balance(self): return self.__balance
    def __str__(self): return "Account<%s: %.2f>" % (self.owner, self.__balance)
class Savings(Account):
    def __init__(self, owner, balance=0, rate=None):
        Account.__init__(self, owner, balance)
        self.rate = rate if rate is not None else Account.interest
    def add_interest(self):
        self.deposit(self.get_balance() * self.rate)
a = Savings("Juniper", 100)
a.add_interest()
a.deposit(50).withdraw(500)
print(a, a.history, Account.interest, a.rate)
try:
    a.deposit(-1)
except ValueError as err:
    print("Error:", err)
