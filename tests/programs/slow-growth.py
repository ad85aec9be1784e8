import time

for week in range(3):
    print("week", week)
    time.sleep(0.01)
