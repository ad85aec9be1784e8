#include <iostream>
#include <string>
using namespace std;

int main ()
{
  string name;
  int age;
  cout << "What is your name? ";
  cin >> name;
  cout << "How old are you? ";
  cin >> age;
  cout << "Hello " << name << "!" << endl;
  cout << "Next year you will be " << age+1 << endl;
  if (age>=13)
    {
      cout << "You are a teenager" << endl;
    }
  else
    {
      cout << "Not yet" << endl;
    }
  for (int i=1; i<=12; i++)
    cout << i << " x " << age << " = " << i*age << endl;
  int count = 0;
  while (count<3) {
    cout << "Hooray!" << endl;
    count = count+1;
  }
  string colours[3] = {"red","green","blue"};
  for (int i=0; i<3; i++) cout << colours[i] << " ";
  cout << endl << name.length() << " " << name[0] << " " << name[name.length()-1] << "\n";
  double average = (age+15)/2.0;
  cout << "Average " << average << endl;
  const double PI = 3.14159;
  cout << PI*2*2 << " " << 10/4 << " " << 10%4 << " " << 10/4.0 << endl;
  char grade = 'B';
  grade++;
  cout << grade << " " << (int)grade << " " << grade+1 << endl;
  return 0;
}
