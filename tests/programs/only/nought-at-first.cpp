#include <iostream>
#include <string>
using namespace std;
int counter, other;
double sum;
bool flag;
char letter;
string name;
int table[3][3];
struct P { int x; double y; } point;
P points[2];
void inc() { counter++; static int calls; calls++; sum += 0.5; cout << calls; }
int main() {
  inc(); inc();
  cout << counter << other << sum << flag << name << "|" << table[1][1] << point.x << points[1].y << endl;
  static double d; cout << d << endl;
}
