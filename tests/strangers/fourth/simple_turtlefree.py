# Year 7: my first programs, all in one
name=input("What is your name? ")
age=int(input("How old are you? "))
print("Hello "+name+"!")
print("Next year you will be",age+1)
if age>=13:
   print("You are a teenager")
   if age==13: print("Just!")
else:
   print("Not a teenager yet")
for i in range(1,13):
   print(i,"x",age,"=",i*age)
count=0
while(count<3):
   print("Hooray! "*2)
   count=count+1
colours=["red","green","blue"]
colours.append("pink")
for c in colours: print(c)
print(len(name), name.upper(), name[0], name[-1], name[1:3])
average = (age + 15) / 2
print("Average age is " + str(average))
print('Done', end='.\n')
vowels=0
for letter in name:
    if letter in 'aeiouAEIOU':
        vowels=vowels+1
print(name,'has',vowels,'vowels')
x=7;y=2
print(x+y,x-y,x*y,x/y,x//y,x%y,x**y)
