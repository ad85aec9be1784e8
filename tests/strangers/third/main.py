import math

def area(r: float) -> float:
    """Return the area of a circle."""
    return math.pi * r ** 2

def test_area():
    assert abs(area(1) - 3.14159) < 0.001
    assert area(0) == 0

def main():
    test_area()
    for r in range(1, 4):
        print(f"r = {r}, area = {area(r):.3f}")

if __name__ == "__main__":
    main()
