#include <iostream>
#include <cmath>
#include <cstdlib>
#include <string>
using namespace std;

// function prototypes
int menu();
double area(double radius);
double area(double width, double height);
long long factorial(int n);
bool isPrime(int n);
void swapValues(int &a, int &b);
void printArray(const int arr[], int size);
void reverseArray(int arr[], int size);
int gcd(int a, int b);
string toBinary(int n);
void countVowels(string s, int &vowels, int &consonants);

const double PI = 3.14159;

int main()
{
    int choice;
    do
    {
        choice = menu();
        if (choice == 1)
        {
            cout << "Area: " << area(2.0) << " and " << area(2, 3.5) << endl;
        }
        else if (choice == 2)
        {
            for (int i = 0; i <= 15; i += 5)
                cout << i << "! = " << factorial(i) << endl;
        }
        else if (choice == 3)
        {
            int x = 5, y = 9;
            swapValues(x, y);
            cout << "x=" << x << ", y=" << y << endl;
            int numbers[] = {1, 2, 3, 4, 5};
            int size = sizeof(numbers) / sizeof(numbers[0]);
            reverseArray(numbers, size);
            printArray(numbers, size);
        }
        else if (choice == 4)
        {
            int v = 0, c = 0;
            countVowels("Fernhollow Garden", v, c);
            cout << v << " vowels, " << c << " consonants" << endl;
            cout << toBinary(37) << " " << gcd(84, 36) << " " << sqrt(2) << " " << pow(2, 10) << " " << abs(-3) << " " << ceil(2.1) << " " << floor(-2.1) << " " << round(2.5) << " " << fmod(7.5, 2) << endl;
            for (int n = 1; n < 30; n++)
                if (isPrime(n)) cout << n << (n < 29 ? "," : "\n");
        }
        else if (choice != 0)
            cout << "Invalid choice!\n";
    } while (choice != 0);
    cout << "Goodbye" << endl;
    return EXIT_SUCCESS;
}

int menu()
{
    int c;
    cout << "Enter choice: ";
    cin >> c;
    return c;
}
double area(double radius) { return PI * radius * radius; }
double area(double width, double height) { return width * height; }
long long factorial(int n)
{
    if (n <= 1) return 1;
    return n * factorial(n - 1);
}
bool isPrime(int n)
{
    if (n < 2) return false;
    for (int i = 2; i <= sqrt(n); i++)
        if (n % i == 0) return false;
    return true;
}
void swapValues(int &a, int &b)
{
    int temp = a;
    a = b;
    b = temp;
}
void printArray(const int arr[], int size)
{
    for (int i = 0; i < size; i++) cout << arr[i] << " ";
    cout << endl;
}
void reverseArray(int arr[], int size)
{
    for (int i = 0, j = size - 1; i < j; i++, j--) swap(arr[i], arr[j]);
}
int gcd(int a, int b)
{
    while (b != 0) { int t = b; b = a % b; a = t; }
    return a;
}
string toBinary(int n)
{
    string out = "";
    while (n > 0) { out = char('0' + n % 2) + out; n /= 2; }
    return out.empty() ? "0" : out;
}
void countVowels(string s, int &vowels, int &consonants)
{
    for (int i = 0; i < (int)s.length(); i++)
    {
        char ch = tolower(s[i]);
        if (ch == 'a' || ch == 'e' || ch == 'i' || ch == 'o' || ch == 'u') vowels++;
        else if (isalpha(ch)) consonants++;
    }
}
