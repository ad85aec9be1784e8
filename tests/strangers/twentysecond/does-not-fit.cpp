#include <iostream>
#include <string>
using namespace std;
int main() { for (string s : {"12", "99999999999", "abc", "-5x", "2147483648", ""}) { try { cout << stoi(s) << endl; } catch (const out_of_range& e) { cout << "range " << e.what() << endl; } catch (const invalid_argument& e) { cout << "inv " << e.what() << endl; } } try { cout << stol("99999999999999999999") << endl; } catch (out_of_range& e) { cout << "r" << endl; } cout << stoll("99999999999") << stod("1e3") << endl; }
