# Bank account menu, driven by a list of commands
accounts = {}

def create(name, balance="0"):
    if name in accounts:
        return f"{name} exists already"
    accounts[name] = float(balance)
    return f"created {name}"

def deposit(name, amount):
    accounts[name] += float(amount)
    return f"{name}: {accounts[name]:.2f}"

def withdraw(name, amount):
    amount = float(amount)
    if amount > accounts[name]:
        raise ValueError("not enough money")
    accounts[name] -= amount
    return f"{name}: {accounts[name]:.2f}"

def report():
    return "\n".join(f"  {k:<8}{v:>10,.2f}" for k, v in sorted(accounts.items()))

commands = {"create": create, "deposit": deposit, "withdraw": withdraw, "report": report}
script = """create ada 100
create bo
deposit bo 2500.5
withdraw ada 30
withdraw ada 300
deposit cy 5
dance
report
create ada
deposit bo lots"""

for line in script.split("\n"):
    command, *args = line.split()
    try:
        action = commands[command]
        print(action(*args))
    except KeyError as e:
        print("unknown:", e)
    except ValueError as e:
        print("error:", e)
