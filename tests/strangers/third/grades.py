def letter_grade(score):
    if score >= 90: return "A"
    elif score >= 80: return "B"
    elif score >= 70: return "C"
    else: return "F"

scores = {"Ash": 93, "Brook": 78, "Clover": 85, "Dale": 61}
for name, score in sorted(scores.items()):
    print(f"{name:<10}{score:>5} {letter_grade(score)}")
avg = sum(scores.values()) / len(scores)
print("Average: %.1f" % avg)
best = max(scores, key=scores.get)
print("Best student:", best)
print({letter_grade(s) for s in scores.values()} == {"A", "B", "C", "F"})
