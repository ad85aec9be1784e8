beds = {"herbs": 3}
beds.update(roses=2, herbs=4)
print(beds)
