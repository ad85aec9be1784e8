import sys

def main():
    lines = sys.stdin.read().splitlines()
    n = int(lines[0])
    readings = []
    for line in lines[1:n+1]:
        day, temp, rain = line.split(",")
        readings.append((day.strip(), float(temp), int(rain)))
    print(f"{'day':<10}|{'temp':^8}|{'rain':>6}")
    print("=" * 26)
    for day, temp, rain in readings:
        print(f"{day:<10}|{temp:^8.1f}|{rain:>6d}")
    hottest = max(readings, key=lambda r: r[1])
    wet = list(filter(lambda r: r[2] > 0, readings))
    print("hottest:", hottest[0], "wet days:", len(wet))
    average = sum(r[1] for r in readings) / len(readings)
    print("average %.2f, spread %.2f" % (average, max(r[1] for r in readings) - min(r[1] for r in readings)))

if __name__ == "__main__":
    main()
