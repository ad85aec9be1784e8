#include <iostream>
#include <limits>
using namespace std;
int main() {
  int n;
  cout << "n? "; cin >> n;
  while (!cin) { cin.clear(); cin.ignore(1000, '\n'); cout << "again: "; cin >> n; }
  cout << n << endl;
  cin >> n;
  while (!cin || n < 1) { cin.clear(); cin.ignore(numeric_limits<streamsize>::max(), '\n'); cout << "again: "; cin >> n; }
  cout << n << endl;
}
