from datetime import date, timedelta

first = date(2024, 3, 1)
print(first, first.year, first.month, first.weekday(), first.strftime("%d.%m.%Y"))
harvest = first + timedelta(days=75)
print("harvest on", harvest.isoformat())
print((harvest - first).days, harvest > first)
for week in range(3):
    d = first + timedelta(weeks=week)
    print(d.strftime("%A %d %B"))
