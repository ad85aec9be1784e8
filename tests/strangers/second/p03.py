"""Guess the number, with a fixed list of numbers to make it testable."""
secret = 42
guesses = [50, 25, 37, 43, 42]
tries = 0
low, high = 1, 100
for guess in guesses:
    tries += 1
    if guess < secret:
        low = max(low, guess + 1)
        print(f"{guess} is too low  ({low}-{high})")
    elif guess > secret:
        high = min(high, guess - 1)
        print(f"{guess} is too high ({low}-{high})")
    else:
        print(f"Correct after {tries} tries!")
        break
medal = {1: "gold", 2: "gold", 3: "silver"}.get(tries, "bronze" if tries < 6 else None)
print("Medal:", medal)
print(type(medal) is str, isinstance(tries, (int, float)), bool(guesses), not [])
