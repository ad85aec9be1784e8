# Library fines
def fine(days_late, book_type="normal"):
    """Return the fine in pence."""
    rates = {"normal": 10, "reference": 50, "child": 2}
    if days_late <= 0:
        return 0
    rate = rates.get(book_type, 10)
    total = rate * days_late
    return min(total, 500)


loans = [
    ("Moss and Fern", 3, "normal"),
    ("Atlas of Beds", 12, "reference"),
    ("Ladybird Tales", 30, "child"),
    ("Compost", -2, "normal"),
]
print(f"{'Title':<20}{'Days':>6}{'Fine':>8}")
print("-" * 34)
grand_total = 0
for title, days, kind in loans:
    f = fine(days, kind)
    grand_total += f
    print(f"{title:<20}{days:>6}{f / 100:>8.2f}")
print("-" * 34)
print(f"{'Total':<26}{grand_total / 100:>8.2f}")
late = [title for title, days, _ in loans if days > 0]
print("Late:", *late, sep="\n  - ")
longest = max(loans, key=lambda loan: loan[1])
print("Longest:", longest[0])
