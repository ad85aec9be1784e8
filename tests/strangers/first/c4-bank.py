class NotEnough(Exception):
    """Raised when an account has not enough water tokens."""


def transfer(accounts, giver, taker, amount):
    if amount <= 0:
        raise ValueError(f"amount must be positive, not {amount}")
    if accounts[giver] < amount:
        raise NotEnough(f"{giver} has only {accounts[giver]}")
    accounts[giver] -= amount
    accounts[taker] += amount


def attempt(accounts, *order):
    try:
        transfer(accounts, *order)
    except NotEnough as e:
        print("not enough:", e)
    except (ValueError, TypeError) as e:
        print("wrong:", e)
    except KeyError as e:
        print("unknown:", e)
    else:
        print("ok")
    finally:
        print(accounts)


accounts = {"north": 10, "south": 3}
attempt(accounts, "north", "south", 4)
attempt(accounts, "south", "north", 40)
attempt(accounts, "south", "north", -1)
attempt(accounts, "south", "west", 1)
