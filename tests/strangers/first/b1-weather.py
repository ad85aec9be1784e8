# ----------------------------------------
# Weather log of the garden school
# The week's readings, the coldest and the warmest day
# ----------------------------------------

temperatures = [12.5, 14.0, 9.8, 17.2, 21.4, 19.9, 15.0]
days = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"]

# find the warmest day
warmest_index = 0
coldest_index = 0
for index in range(len(temperatures)):
    if temperatures[index] > temperatures[warmest_index]:
        warmest_index = index
    if temperatures[index] < temperatures[coldest_index]:
        coldest_index = index

print("Warmest:", days[warmest_index], "with", temperatures[warmest_index], "degrees")
print("Coldest:", days[coldest_index], "with", temperatures[coldest_index], "degrees")

average = sum(temperatures) / len(temperatures)
print("Average: {:.2f}".format(average))
print("-" * 30)
for day, temperature in zip(days, temperatures):
    bar = "#" * int(temperature)
    print("{:>10} | {:<22} {:5.1f}".format(day, bar, temperature))

above = [day for day, temperature in zip(days, temperatures) if temperature > average]
print("Above average: " + ", ".join(above))
