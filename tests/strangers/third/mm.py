plant = {"name": "bean", "height": 12}
print(plant["name"])
for k in plant:
    print(k)
