for celsius in range(-10, 31, 10):
    fahrenheit = celsius * 9 / 5 + 32
    print(f"{celsius} degrees are {fahrenheit:.1f} F")
