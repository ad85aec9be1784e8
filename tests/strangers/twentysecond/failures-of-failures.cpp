#include <iostream>
#include <exception>
using namespace std;
class A : public exception { public: const char* what() const noexcept override { return "A"; } };
class B : public A { public: const char* what() const noexcept override { return "B"; } };
void f(int k) { if (k == 0) throw A(); if (k == 1) throw B(); throw 5; }
int main() { for (int k = 0; k < 3; k++) { try { f(k); } catch (const B& b) { cout << "b" << b.what(); } catch (const A& a) { cout << "a" << a.what(); } catch (...) { cout << "other"; } } try { throw B(); } catch (A& e) { cout << e.what(); } try { throw B(); } catch (exception& e) { cout << e.what(); } }
