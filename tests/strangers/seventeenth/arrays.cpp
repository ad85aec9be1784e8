#include <iostream>
#include <cstdlib>
#include <cmath>
#include <cctype>
#include <cstring>
using namespace std;

const int SIZE = 5;

void fillArray(int arr[], int n);
int sumArray(const int arr[], int n);
void swapValues(int &a, int &b);
void bubbleSort(int *arr, int n);
int linearSearch(const int arr[], int n, int key);
bool isPalindrome(const char *text);

int main()
{
    int numbers[SIZE];
    int grid[3][4] = {{1, 2, 3, 4}, {5, 6, 7, 8}, {9, 10, 11, 12}};
    char word[20] = "Level";

    fillArray(numbers, SIZE);
    cout << "Sum: " << sumArray(numbers, SIZE) << endl;
    swapValues(numbers[0], numbers[4]);
    for (int i = 0; i < SIZE; i++)
    {
        cout << numbers[i] << "\t";
    }
    cout << endl;
    bubbleSort(numbers, SIZE);
    cout << "Smallest " << numbers[0] << ", largest " << numbers[SIZE - 1] << endl;
    cout << "Found at " << linearSearch(numbers, SIZE, 9) << " and " << linearSearch(numbers, SIZE, 100) << endl;

    int total = 0;
    for (int r = 0; r < 3; r++)
    {
        int rowSum = 0;
        for (int c = 0; c < 4; c++)
        {
            rowSum += grid[r][c];
        }
        cout << "Row " << r << ": " << rowSum << endl;
        total += rowSum;
    }
    cout << "Average: " << (double)total / 12 << endl;
    cout << word << (isPalindrome(word) ? " is" : " is not") << " a palindrome, " << strlen(word) << " letters" << endl;
    int *p = numbers;
    cout << *p << " " << *(p + 2) << " " << p[1] << endl;
    double root = sqrt(2.0), cube = pow(3, 3);
    cout << root << " " << cube << " " << floor(-2.5) << " " << ceil(2.1) << " " << fabs(-3.2) << " " << 7 / 2 << " " << 7 / 2.0 << " " << -7 % 3 << endl;
    unsigned int big = 4000000000u;
    cout << big << " " << sizeof(int) << " " << (char)('a' + 2) << " " << int('A') << " " << (5 > 3) << endl;
    for (char c = 'a'; c <= 'e'; ++c) cout << char(toupper(c));
    cout << endl;
    return EXIT_SUCCESS;
}

void fillArray(int arr[], int n)
{
    for (int i = 0; i < n; i++)
        arr[i] = (i * 7 + 3) % 11;
}

int sumArray(const int arr[], int n)
{
    int sum = 0;
    for (int i = 0; i < n; ++i)
        sum += arr[i];
    return sum;
}

void swapValues(int &a, int &b)
{
    int temp = a;
    a = b;
    b = temp;
}

void bubbleSort(int *arr, int n)
{
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (arr[j] > arr[j + 1])
                swapValues(arr[j], arr[j + 1]);
}

int linearSearch(const int arr[], int n, int key)
{
    for (int i = 0; i < n; i++)
    {
        if (arr[i] == key)
            return i;
    }
    return -1;
}

bool isPalindrome(const char *text)
{
    int left = 0;
    int right = strlen(text) - 1;
    while (left < right)
    {
        if (tolower(text[left]) != tolower(text[right]))
            return false;
        left++;
        right--;
    }
    return true;
}
