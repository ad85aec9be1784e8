#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
class R { public: static vector<int> all; static map<string, int> by; static double rate; static string name; };
vector<int> R::all{1, 2};
map<string, int> R::by = {{"a", 1}};
double R::rate{0.5};
string R::name = "x";
int main() { R::all.push_back(3); R::by["b"] = 2; cout << R::all.size() << R::by.size() << R::rate << R::name << endl; }
