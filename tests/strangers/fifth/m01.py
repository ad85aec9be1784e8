# Program to calculate the area of a bed
import math

print("AREA CALCULATOR")
print("===============")
shape = input("Enter shape (circle/square/triangle): ")
if shape == "circle":
    radius = float(input("Radius: "))
    area = math.pi * radius ** 2
elif shape == "square":
    side = float(input("Side: "))
    area = side * side
elif shape == "triangle":
    base = float(input("Base: "))
    height = float(input("Height: "))
    area = 0.5 * base * height
else:
    print("Unknown shape")
    area = 0
print("The area is", round(area, 2))
