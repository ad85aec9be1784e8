#include <iostream>
#include <cstring>
using namespace std;
int main() { int n; cin >> n; cin.get(); char name[20]; cin.getline(name, 20); cout << n << name << strlen(name) << endl; while (cin.getline(name, sizeof(name))) cout << name << ";"; cin.get(); return 0; }
