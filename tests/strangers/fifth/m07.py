"""Rock, paper, shears with fixed moves."""
MOVES = ("rock", "paper", "shears")
WINS = {"rock": "shears", "paper": "rock", "shears": "paper"}

def result(a, b):
    if a == b:
        return "draw"
    return "win" if WINS[a] == b else "lose"

score = {"win": 0, "lose": 0, "draw": 0}
mine = "rock paper rock shears".split()
yours = ["paper", "paper", "shears", "rock"]
for turn, (m, y) in enumerate(zip(mine, yours), 1):
    r = result(m, y)
    score[r] += 1
    print(f"Round {turn}: {m} v {y} -> {r.upper()}")
print(score)
print(", ".join(f"{k}={v}" for k, v in score.items() if v))
assert sum(score.values()) == len(mine)
